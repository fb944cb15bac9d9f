package org.mildlantern.core.said;

/**
 * A word of a text.
 *
 * @param word the word as it stands there, lower case
 * @param stem its stem, lower case
 * @param asItStands the word as the phrases name it that want just this form
 * @param from offset of its first character
 * @param to offset after its last
 * @param clause number of the clause that it stands in
 * @param sentence number of its sentence
 */
record Token(
    String word, String stem, String asItStands, int from, int to, int clause, int sentence) {}
