/** Water and feed: what is in them, what they mix to, and what of it stays in the pot. */
package org.mildlantern.core.feed;
