/** Growers' own lists of plants, as they were typed, read into plants cell by cell. */
package org.mildlantern.core.sheet;
