package org.mildlantern.core.growth;

import java.util.Arrays;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** What a plant makes one after another, each of which can be held against the last. */
public enum Organ {
  LEAF("leaf", "leaf|leaves|frond"),
  PSEUDOBULB("pseudobulb", "pseudobulb|bulb|cane"),
  PITCHER("pitcher", "pitcher"),
  TRAP("trap", "trap"),
  PAD("pad", "pad|segment"),
  SHOOT("shoot", "shoot|growth|pup|lead"),
  SPIKE("flower spike", "spike|inflorescence|stem");

  private final String label;
  private final String words;

  Organ(String label, String words) {
    this.label = label;
    this.words = words;
  }

  public String label() {
    return label;
  }

  /** Any of them as keepers write it. */
  public static String regex() {
    return Arrays.stream(values()).map(organ -> organ.words).collect(Collectors.joining("|"));
  }

  /** The first that a text says; a leaf where it says none. */
  public static Organ in(Predicate<String> says) {
    return Arrays.stream(values())
        .filter(organ -> says.test("(?:" + organ.words + ")s?"))
        .findFirst()
        .orElse(LEAF);
  }
}
