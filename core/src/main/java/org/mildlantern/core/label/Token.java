package org.mildlantern.core.label;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A number, a fraction sign, a word or another sign of a label. */
record Token(Kind kind, String text) {
  enum Kind {
    NUMBER,
    FRACTION,
    WORD,
    SIGN
  }

  static final Map<String, Double> FRACTIONS =
      Map.ofEntries(
          Map.entry("½", 1 / 2.0),
          Map.entry("⅓", 1 / 3.0),
          Map.entry("⅔", 2 / 3.0),
          Map.entry("¼", 1 / 4.0),
          Map.entry("¾", 3 / 4.0),
          Map.entry("⅕", 1 / 5.0),
          Map.entry("⅖", 2 / 5.0),
          Map.entry("⅗", 3 / 5.0),
          Map.entry("⅘", 4 / 5.0),
          Map.entry("⅙", 1 / 6.0),
          Map.entry("⅛", 1 / 8.0),
          Map.entry("⅜", 3 / 8.0),
          Map.entry("⅝", 5 / 8.0),
          Map.entry("⅞", 7 / 8.0));

  private static final String FRACTION_SIGNS = String.join("", FRACTIONS.keySet());

  /** Thousands set apart by blanks, digits with points and commas, or a point before the digits. */
  private static final Pattern TOKEN =
      Pattern.compile(
          "(\\d{1,3}(?:[ \\u00a0\\u202f]\\d{3})+(?![\\d.,'’])|\\d+(?:[.,'’]\\d+)*"
              + "|(?<![\\p{L}\\d])[.,]\\d+)"
              + "|(["
              + FRACTION_SIGNS
              + "])|((?:cm|dm|m|ft|yd)[23](?![\\p{L}\\d])|\\p{L}[\\p{L}\\p{M}]*)|(\\S)");

  /** A letter where a digit should be, as in {@code O.5} or {@code l0}. */
  private static final Pattern GARBLED =
      Pattern.compile("(?<!\\p{L})(?!(?:cm|dm|m|ft|yd)[23](?![\\p{L}\\d]))[olisbz][.,]?\\d");

  private static final Map<String, String> ONE_WORD =
      Map.ofEntries(
          Map.entry("fl oz", "floz"),
          Map.entry("fl ozs", "floz"),
          Map.entry("fl ounce", "floz"),
          Map.entry("fl ounces", "floz"),
          Map.entry("fluid oz", "floz"),
          Map.entry("fluid ounce", "floz"),
          Map.entry("fluid ounces", "floz"),
          Map.entry("sq m", "m2"),
          Map.entry("sq metre", "m2"),
          Map.entry("sq metres", "m2"),
          Map.entry("sq meter", "m2"),
          Map.entry("sq meters", "m2"),
          Map.entry("square metre", "m2"),
          Map.entry("square metres", "m2"),
          Map.entry("square meter", "m2"),
          Map.entry("square meters", "m2"),
          Map.entry("sq ft", "ft2"),
          Map.entry("sq feet", "ft2"),
          Map.entry("sq foot", "ft2"),
          Map.entry("square feet", "ft2"),
          Map.entry("square foot", "ft2"),
          Map.entry("sq yd", "yd2"),
          Map.entry("square yard", "yd2"),
          Map.entry("square yards", "yd2"));

  private static final Set<String> DASHES = Set.of("–", "—", "‒", "−", "‐", "‑", "~", "…");

  /**
   * The tokens of a text.
   *
   * @throws Refusal when letters stand where digits should
   */
  static List<Token> of(String text) {
    String line = plain(text);
    if (GARBLED.matcher(line).find()) {
      throw new Refusal("label.garbled");
    }
    List<Token> tokens = new ArrayList<>();
    for (Matcher m = TOKEN.matcher(line); m.find(); ) {
      if (m.group(1) != null) {
        tokens.add(
            new Token(
                Kind.NUMBER,
                m.group(1).startsWith(".") || m.group(1).startsWith(",")
                    ? "0" + m.group(1)
                    : m.group(1)));
      } else if (m.group(2) != null) {
        tokens.add(new Token(Kind.FRACTION, m.group(2)));
      } else if (m.group(3) != null) {
        addWord(tokens, m.group(3));
      } else {
        addSign(tokens, m.group(4));
      }
    }
    return tokens;
  }

  private static void addWord(List<Token> tokens, String word) {
    Token last = tokens.isEmpty() ? null : tokens.get(tokens.size() - 1);
    String together = last == null ? null : ONE_WORD.get(last.text + " " + word);
    if (together != null) {
      tokens.remove(tokens.size() - 1);
    }
    tokens.add(new Token(Kind.WORD, together == null ? word : together));
  }

  private static void addSign(List<Token> tokens, String sign) {
    boolean abbreviates =
        sign.equals(".") && !tokens.isEmpty() && tokens.get(tokens.size() - 1).kind == Kind.WORD;
    if (!abbreviates) {
      tokens.add(new Token(Kind.SIGN, DASHES.contains(sign) ? "-" : sign));
    }
  }

  /** Lower case, with one sign for what is written in several ways. */
  private static String plain(String text) {
    StringBuilder plain = new StringBuilder();
    text.codePoints()
        .forEach(
            c -> {
              String sign = Character.toString(c);
              plain.append(
                  FRACTION_SIGNS.contains(sign)
                      ? sign
                      : Normalizer.normalize(sign, Normalizer.Form.NFKC));
            });
    return plain
        .toString()
        .toLowerCase(Locale.ROOT)
        .replace('μ', 'µ')
        .replace('⁄', '/')
        .replaceAll("\\bh2o\\b", "water")
        .replace("...", "-")
        .replaceAll("(?<=[a-zµ])\\s*[·.]?\\s*l\\s?[-−]1(?!\\d)", "/l")
        .replaceAll("m\\^([23])", "m$1")
        .replaceAll("\\bu\\.\\s?s\\.?(?=[^\\p{L}])", "us ")
        .replaceAll("\\bu\\.\\s?k\\.?(?=[^\\p{L}])", "uk ")
        .replaceAll("\\ba\\.\\s?i\\.?(?=[^\\p{L}]|$)", "active ")
        .replaceAll("([vw])\\s*/\\s*([vw])\\b", "$1o$2");
  }
}
