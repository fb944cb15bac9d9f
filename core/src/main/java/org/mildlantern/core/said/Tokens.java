package org.mildlantern.core.said;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.apache.lucene.analysis.Analyzer;
import org.apache.lucene.analysis.LowerCaseFilter;
import org.apache.lucene.analysis.TokenStream;
import org.apache.lucene.analysis.miscellaneous.StemmerOverrideFilter;
import org.apache.lucene.analysis.snowball.SnowballFilter;
import org.apache.lucene.analysis.standard.StandardTokenizer;
import org.apache.lucene.analysis.tokenattributes.CharTermAttribute;
import org.apache.lucene.analysis.tokenattributes.OffsetAttribute;
import org.mildlantern.core.knowledge.Wording;
import org.tartarus.snowball.ext.EnglishStemmer;

/** Cuts a text into words with their stems, clauses and sentences. */
final class Tokens {
  static final String AS_IT_STANDS = "=";

  private static final Pattern STOPS = Pattern.compile("[.!?;\\n]");
  private static final Pattern PAUSES = Pattern.compile("[,:()\\u2013\\u2014]");

  private static final Pattern FIGURES = Pattern.compile("^\\d+");

  private static final String APOSTROPHE = "'";

  private static final Set<String> ALL = Set.of("all", "every", "everything", "none", "nothing");

  private final Analyzer analyzer;
  private final Set<String> turns;
  private final Set<String> speakers;
  private final Map<String, Word> shorthand = new HashMap<>();

  /** Of the lexicon's words, each looked up once. */
  private final Map<String, String> stems = new ConcurrentHashMap<>();

  Tokens(Wording wording) {
    this.turns = Set.copyOf(wording.particles("turns"));
    this.speakers = Set.copyOf(wording.particles("speakers"));
    StemmerOverrideFilter.StemmerOverrideMap forms = forms(wording);
    this.analyzer =
        new Analyzer() {
          @Override
          protected TokenStreamComponents createComponents(String field) {
            StandardTokenizer words = new StandardTokenizer();
            TokenStream stems = new StemmerOverrideFilter(new LowerCaseFilter(words), forms);
            return new TokenStreamComponents(words, new SnowballFilter(stems, "English"));
          }
        };
    wording.particles("denies").stream()
        .filter(word -> word.indexOf(APOSTROPHE) > 0)
        .forEach(word -> shorthand.put(word.replace(APOSTROPHE, ""), whole(word)));
    wording
        .shorthand()
        .forEach(one -> one.say().forEach(say -> shorthand.put(say, whole(one.id()))));
  }

  private static StemmerOverrideFilter.StemmerOverrideMap forms(Wording wording) {
    StemmerOverrideFilter.Builder builder = new StemmerOverrideFilter.Builder(true);
    EnglishStemmer stemmer = new EnglishStemmer();
    for (Wording.Say word : wording.inflections()) {
      stemmer.setCurrent(word.id());
      stemmer.stem();
      word.say().forEach(form -> builder.add(form, stemmer.getCurrent()));
    }
    try {
      return builder.build();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A word and its stem. */
  record Word(String word, String stem) {}

  List<Token> of(String text) {
    List<Token> tokens = new ArrayList<>();
    int clause = 0;
    int sentence = 0;
    int end = 0;
    try (TokenStream stream = analyzer.tokenStream("said", text)) {
      CharTermAttribute term = stream.addAttribute(CharTermAttribute.class);
      OffsetAttribute offset = stream.addAttribute(OffsetAttribute.class);
      stream.reset();
      while (stream.incrementToken()) {
        String written = text.substring(offset.startOffset(), offset.endOffset());
        Word out = writtenOut(written);
        String word = out == null ? written.toLowerCase(Locale.ROOT) : out.word();
        String between = text.substring(end, offset.startOffset());
        boolean stop = STOPS.matcher(between).find();
        if (stop) {
          sentence++;
        }
        if (stop
            || PAUSES.matcher(between).find()
            || turns.contains(word) && !isAllBut(tokens, word)
            || isAndI(tokens, word)) {
          clause++;
        }
        tokens.add(
            new Token(
                word,
                out == null ? term.toString() : out.stem(),
                AS_IT_STANDS + word,
                offset.startOffset(),
                offset.endOffset(),
                clause,
                sentence));
        end = offset.endOffset();
      }
      stream.end();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return tokens;
  }

  /** “And I …”, “and it …” tell something new. */
  private boolean isAndI(List<Token> before, String word) {
    return speakers.contains(word)
        && !before.isEmpty()
        && before.get(before.size() - 1).word().equals("and");
  }

  /** “All but the newest” is of one clause. */
  private static boolean isAllBut(List<Token> before, String word) {
    return word.equals("but")
        && !before.isEmpty()
        && ALL.contains(before.get(before.size() - 1).word());
  }

  /** What it is short for, or null; a capital letter alone is no short word. */
  private Word writtenOut(String written) {
    String figured = FIGURES.matcher(written).replaceFirst("#");
    return shorthand.get(written.length() == 1 ? written : figured.toLowerCase(Locale.ROOT));
  }

  private Word whole(String word) {
    return new Word(word, stem(word));
  }

  /** The stem of a single word; of one that counts as it stands, as in “=gone”, the word. */
  String stem(String word) {
    if (word.startsWith(AS_IT_STANDS)) {
      return word;
    }
    return stems.computeIfAbsent(
        word,
        w -> {
          List<Token> tokens = of(w);
          return tokens.isEmpty() ? w : tokens.get(0).stem();
        });
  }
}
