package org.mildlantern.core.said;

/**
 * A word of a text.
 *
 * @param word the word in lower case, written out and spelt as it is meant
 * @param stem its stem, lower case
 * @param asItStands the word as the phrases name it that want just this form
 * @param from offset of its first character
 * @param to offset after its last
 * @param clause number of the clause that it stands in
 * @param sentence number of its sentence
 */
record Token(
    String word, String stem, String asItStands, int from, int to, int clause, int sentence) {

  /** The same word elsewhere. */
  Token at(int start, int end) {
    return new Token(word, stem, asItStands, start, end, clause, sentence);
  }

  /** The same place, taken as another word. */
  Token meaning(Tokens.Word other) {
    return new Token(
        other.word(), other.stem(), Tokens.AS_IT_STANDS + other.word(), from, to, clause, sentence);
  }
}
