/** Seasons of the year as a plant has them, by date and hemisphere. */
package org.mildlantern.core.season;
