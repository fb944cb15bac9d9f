/**
 * Sentences that hold numbers, names or choices, kept as patterns beside the code that fills them.
 *
 * <p>A room's patterns stand in {@code words.properties} in the resources of its package; {@link
 * Words} reads them. The knowledge has patterns too, as {@link Sentence}s.
 */
package org.mildlantern.core.words;
