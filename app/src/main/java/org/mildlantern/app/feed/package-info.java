/** The waters and feeds of a collection, what plants ask of them, and today’s cans. */
package org.mildlantern.app.feed;
