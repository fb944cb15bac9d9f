package org.mildlantern.core.said;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.lucene.analysis.Analyzer;
import org.apache.lucene.analysis.LowerCaseFilter;
import org.apache.lucene.analysis.TokenStream;
import org.apache.lucene.analysis.en.KStemFilter;
import org.apache.lucene.analysis.miscellaneous.StemmerOverrideFilter;
import org.apache.lucene.analysis.standard.StandardTokenizer;
import org.apache.lucene.analysis.tokenattributes.CharTermAttribute;
import org.apache.lucene.analysis.tokenattributes.OffsetAttribute;

/** Cuts a text into words with their stems, clauses and sentences. */
final class Tokens {
  /** Where the stemmer goes wrong, or stops short of one form of a verb. */
  private static final Map<String, String> OVERRIDES =
      Map.ofEntries(
          Map.entry("leaves", "leaf"),
          Map.entry("leafs", "leaf"),
          Map.entry("fell", "fall"),
          Map.entry("fallen", "fall"),
          Map.entry("falls", "fall"),
          Map.entry("falling", "fall"),
          Map.entry("flies", "fly"),
          Map.entry("died", "die"),
          Map.entry("dying", "die"),
          Map.entry("dies", "die"),
          Map.entry("lost", "lose"),
          Map.entry("losing", "lose"),
          Map.entry("loses", "lose"),
          Map.entry("hung", "hang"),
          Map.entry("hangs", "hang"),
          Map.entry("hanging", "hang"),
          Map.entry("eaten", "eat"),
          Map.entry("eating", "eat"),
          Map.entry("bitten", "bite"),
          Map.entry("stuck", "stick"),
          Map.entry("grew", "grow"),
          Map.entry("grown", "grow"),
          Map.entry("got", "get"),
          Map.entry("went", "go"),
          Map.entry("gone", "go"),
          Map.entry("goes", "go"),
          Map.entry("going", "go"),
          Map.entry("became", "become"),
          Map.entry("brought", "bring"),
          Map.entry("bought", "buy"),
          Map.entry("shriveled", "shrivel"),
          Map.entry("shrivelled", "shrivel"),
          Map.entry("shrivelling", "shrivel"),
          Map.entry("wrinkly", "wrinkle"),
          Map.entry("wrinkled", "wrinkle"),
          Map.entry("wrinkling", "wrinkle"),
          Map.entry("wrinkles", "wrinkle"),
          Map.entry("crispy", "crisp"),
          Map.entry("crunchy", "crisp"),
          Map.entry("droopy", "droop"),
          Map.entry("drooping", "droop"),
          Map.entry("mushy", "mush"),
          Map.entry("moldy", "mould"),
          Map.entry("mold", "mould"),
          Map.entry("mouldy", "mould"),
          Map.entry("gray", "grey"),
          Map.entry("colour", "color"),
          Map.entry("draughty", "draught"),
          Map.entry("drafty", "draught"),
          Map.entry("draft", "draught"),
          Map.entry("bulbs", "bulb"),
          Map.entry("molluscs", "slug"),
          Map.entry("yellowing", "yellow"),
          Map.entry("browned", "brown"),
          Map.entry("browning", "brown"),
          Map.entry("blackened", "black"),
          Map.entry("dryed", "dry"),
          Map.entry("dried", "dry"),
          Map.entry("dries", "dry"),
          Map.entry("drying", "dry"),
          Map.entry("watered", "water"),
          Map.entry("watering", "water"),
          Map.entry("waters", "water"),
          Map.entry("dropped", "drop"),
          Map.entry("dropping", "drop"),
          Map.entry("drops", "drop"),
          Map.entry("newest", "new"),
          Map.entry("oldest", "old"),
          Map.entry("older", "old"),
          Map.entry("lowest", "low"),
          Map.entry("lower", "low"),
          Map.entry("smaller", "small"),
          Map.entry("bigger", "big"),
          Map.entry("outdoors", "outdoor"),
          Map.entry("indoors", "indoor"));

  private static final Set<String> TURNS =
      Set.of("but", "although", "though", "however", "while", "whereas", "otherwise", "except");

  private static final StemmerOverrideFilter.StemmerOverrideMap MAP = map();

  private static final Analyzer ANALYZER =
      new Analyzer() {
        @Override
        protected TokenStreamComponents createComponents(String field) {
          StandardTokenizer words = new StandardTokenizer();
          TokenStream stems = new LowerCaseFilter(words);
          stems = new KStemFilter(new StemmerOverrideFilter(stems, MAP));
          return new TokenStreamComponents(words, stems);
        }
      };

  private Tokens() {}

  private static StemmerOverrideFilter.StemmerOverrideMap map() {
    StemmerOverrideFilter.Builder builder = new StemmerOverrideFilter.Builder(true);
    OVERRIDES.forEach(builder::add);
    try {
      return builder.build();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static List<Token> of(String text) {
    List<Token> tokens = new ArrayList<>();
    int clause = 0;
    int sentence = 0;
    int end = 0;
    try (TokenStream stream = ANALYZER.tokenStream("said", text)) {
      CharTermAttribute term = stream.addAttribute(CharTermAttribute.class);
      OffsetAttribute offset = stream.addAttribute(OffsetAttribute.class);
      stream.reset();
      while (stream.incrementToken()) {
        String between = text.substring(end, offset.startOffset());
        boolean stop = between.matches("(?s).*[.!?;\\n].*");
        if (stop) {
          sentence++;
        }
        if (stop
            || between.matches("(?s).*[,:()+\\u2013\\u2014].*")
            || TURNS.contains(term.toString())) {
          clause++;
        }
        tokens.add(
            new Token(term.toString(), offset.startOffset(), offset.endOffset(), clause, sentence));
        end = offset.endOffset();
      }
      stream.end();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return tokens;
  }

  /** The stem of a single word. */
  static String stem(String word) {
    List<Token> tokens = of(word);
    return tokens.isEmpty() ? word : tokens.get(0).stem();
  }
}
