/** What is written into a plant's day book, and how a keeper's short line is read. */
package org.mildlantern.core.journal;
