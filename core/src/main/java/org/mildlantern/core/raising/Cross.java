package org.mildlantern.core.raising;

import java.util.Optional;
import java.util.regex.Pattern;
import org.mildlantern.core.words.Words;

/**
 * A cross, the seed parent first, as growers write it. All seedlings of two parents, whichever bore
 * the seed, are one grex; a plant chosen of them has a cultivar name of its own in single quotes
 * (International Code of Nomenclature for Cultivated Plants).
 *
 * @param seed parent that bore the pod
 * @param pollen the other; the same for a selfing
 */
public record Cross(String seed, String pollen) {
  private static final Words WORDS = Words.of(Cross.class);

  private static final int WORDS_MOST = 3;
  private static final Pattern GREX = Pattern.compile("\\p{Lu}[\\p{L}’'-]*(?: [\\p{L}’'-]+)*");

  public Cross {
    if (seed == null || seed.isBlank() || pollen == null || pollen.isBlank()) {
      throw new IllegalArgumentException("a cross has two parents");
    }
    seed = seed.strip();
    pollen = pollen.strip();
  }

  public boolean selfed() {
    return seed.equalsIgnoreCase(pollen);
  }

  /** {@code Laelia anceps × Cattleya walkeriana}, or {@code Laelia anceps, selfed}. */
  public String words() {
    return selfed() ? WORDS.say("selfed", seed) : WORDS.say("cross", seed, pollen);
  }

  /** Whether two crosses give the same grex. */
  public boolean sameGrex(Cross other) {
    return seed.equalsIgnoreCase(other.seed) && pollen.equalsIgnoreCase(other.pollen)
        || seed.equalsIgnoreCase(other.pollen) && pollen.equalsIgnoreCase(other.seed);
  }

  /** What is wrong with the name of a grex, in words; empty when it may be one. */
  public static Optional<String> faultOfGrex(String name) {
    String grex = name.strip();
    if (grex.contains("‘") || grex.startsWith("'") || grex.contains(" '")) {
      return Optional.of(WORDS.say("grex-cultivar"));
    }
    if (grex.contains("×") || grex.matches(".*\\bx\\b.*")) {
      return Optional.of(WORDS.say("grex-formula"));
    }
    if (grex.split("\\s+").length > WORDS_MOST) {
      return Optional.of(WORDS.say("grex-long", WORDS_MOST));
    }
    return GREX.matcher(grex).matches() ? Optional.empty() : Optional.of(WORDS.say("grex-letters"));
  }
}
