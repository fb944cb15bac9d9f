package org.mildlantern.core.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.SheetWords;
import org.mildlantern.core.plant.PotMaterial;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.words.Words;

/**
 * What a cell says of a pot: {@code 4"}, {@code 12 cm clay}, {@code 5½ in square}, {@code 20 x 15 x
 * 5 cm}. One figure is the width, two are width and depth, three are the two sides and the depth;
 * the width of two sides is that of a square of their area.
 *
 * @param cm or null
 * @param left words that nothing was made of
 * @param problem why it will not do, or null
 * @param asksUnit whether its figures have no unit
 */
record PotCell(
    Double cm,
    Double depthCm,
    PotMaterial material,
    PotShape.Kind shape,
    String left,
    String problem,
    boolean asksUnit) {
  private static final Words WORDS = Words.of(PotCell.class);

  private static final double LEAST = 1;
  private static final double MOST = 200;

  private static final Map<String, String> FRACTIONS = Map.of("½", "5", "¼", "25", "¾", "75");
  private static final Pattern MIXED = Pattern.compile("(\\d+)[ -](\\d)/(\\d)(?!\\d)");
  private static final Pattern SIGN = Pattern.compile("(\\d*)\\s?([½¼¾])");
  private static final Pattern FIGURE =
      Pattern.compile(
          "(?<![\\p{L}\\d.,])(\\d{1,4}(?:[.,]\\d{1,2})?)\\s*"
              + "(centimet(?:re|er)s?|cms?|millimet(?:re|er)s?|mm|inch(?:es)?|ins?(?![a-z])"
              + "|\"|”|“|″|''|l(?![a-z])|lit(?:re|er)s?|ml|gal(?:lon)?s?|qts?|quarts?)?");
  private static final Pattern BY = Pattern.compile("\\s*(?:x|×|by|\\*|/)\\s*");
  private static final Pattern TO = Pattern.compile("\\s*(?:-|–|to|or)\\s*");
  private static final Set<String> FILLER =
      Set.of(
          "pot",
          "pots",
          "dia",
          "diam",
          "diameter",
          "wide",
          "deep",
          "width",
          "depth",
          "approx",
          "about",
          "ca",
          "in",
          "a",
          "an",
          "the",
          "of",
          "ø",
          "~",
          "across",
          "size",
          "no",
          "and");

  private static PotCell bad(String problem) {
    return new PotCell(null, null, null, null, "", problem, false);
  }

  static PotCell of(String text, Length unit, SheetWords words) {
    String plain = fractions(text.toLowerCase(Locale.ROOT));
    List<Double> figures = new ArrayList<>();
    List<Length> units = new ArrayList<>();
    StringBuilder rest = new StringBuilder();
    Matcher next = FIGURE.matcher(plain);
    int from = 0;
    while (next.find()) {
      String between = plain.substring(from, next.start());
      boolean joins = BY.matcher(between).matches();
      if (!figures.isEmpty() && TO.matcher(between).matches()) {
        return bad(WORDS.say("pot.range"));
      }
      rest.append(figures.isEmpty() || !joins ? " " + between + " " : " ");
      figures.add(Double.valueOf(next.group(1).replace(',', '.')));
      Optional<Length> own = Optional.ofNullable(next.group(2)).flatMap(Length::of);
      if (next.group(2) != null && own.isEmpty()) {
        return bad(WORDS.say("pot.volume"));
      }
      units.add(own.orElse(null));
      from = next.end();
    }
    rest.append(' ').append(plain.substring(from));
    return figures.size() > 3 ? bad(WORDS.say("pot.many")) : of(figures, units, unit, rest, words);
  }

  private static PotCell of(
      List<Double> figures,
      List<Length> units,
      Length given,
      StringBuilder rest,
      SheetWords words) {
    PotMaterial material = words.material(rest.toString()).orElse(null);
    PotShape.Kind shape = words.shape(rest.toString()).orElse(null);
    List<String> left = new ArrayList<>();
    if (material == null && shape == null) {
      for (String word : bare(rest.toString())) {
        if (material == null && words.material(word).isPresent()) {
          material = words.material(word).get();
        } else if (shape == null && words.shape(word).isPresent()) {
          shape = words.shape(word).get();
        } else {
          left.add(word);
        }
      }
    }
    String said = String.join(" ", left);
    if (figures.isEmpty()) {
      return new PotCell(null, null, material, shape, said, null, false);
    }
    Length last = units.get(units.size() - 1);
    List<Double> cm = new ArrayList<>();
    for (int i = 0; i < figures.size(); i++) {
      Length its = units.get(i) != null ? units.get(i) : last != null ? last : given;
      if (its == null) {
        return new PotCell(null, null, material, shape, said, WORDS.say("pot.unit"), true);
      }
      cm.add(its.inCm(figures.get(i)));
    }
    if (cm.stream().anyMatch(value -> value < LEAST || value > MOST)) {
      return bad(WORDS.say("pot.bounds"));
    }
    double width = cm.get(0);
    if (cm.size() == 3) {
      width = Math.round(Math.sqrt(cm.get(0) * cm.get(1)) * 10) / 10.0;
    }
    Double depth = cm.size() == 1 ? null : cm.get(cm.size() - 1);
    return new PotCell(width, depth, material, shape, said, null, false);
  }

  private static List<String> bare(String rest) {
    return Arrays.stream(rest.split("[^\\p{L}ø~-]+"))
        .filter(word -> !word.isBlank() && !FILLER.contains(word) && !word.matches("-+"))
        .toList();
  }

  private static String fractions(String text) {
    String plain =
        MIXED
            .matcher(text)
            .replaceAll(
                mixed -> {
                  double part =
                      Double.parseDouble(mixed.group(2)) / Double.parseDouble(mixed.group(3));
                  return String.format(
                      Locale.ROOT, "%.2f", Double.parseDouble(mixed.group(1)) + part);
                });
    return SIGN.matcher(plain)
        .replaceAll(
            sign ->
                (sign.group(1).isEmpty() ? "0" : sign.group(1))
                    + "."
                    + FRACTIONS.get(sign.group(2)));
  }

  /** What was made of it, in words. */
  String words() {
    return Arrays.asList(
            cm == null ? null : WORDS.say("pot.cm", cm),
            depthCm == null ? null : WORDS.say("pot.depth", depthCm),
            material == null ? null : material.label(),
            shape == null ? null : shape.label(),
            left.isEmpty() ? null : WORDS.say("noted", left))
        .stream()
        .filter(java.util.Objects::nonNull)
        .collect(Collectors.joining(", "));
  }
}
