/** Pictures of plants: taken in, kept small, shown beside each other. */
package org.mildlantern.app.photos;
