package org.mildlantern.core.knowledge;

import java.util.Map;

/** Families of signs in words, as one would look for them. */
public final class SignFamilies {
  private static final Map<String, String> LABELS =
      Map.ofEntries(
          Map.entry("limp", "Limp and wrinkled"),
          Map.entry("yellowing", "Colour"),
          Map.entry("spots", "Spots and marks"),
          Map.entry("burn", "Burns"),
          Map.entry("tips", "Tips and traps"),
          Map.entry("specks", "Specks and films"),
          Map.entry("pests", "Pests and their traces"),
          Map.entry("rot", "Rot"),
          Map.entry("deformity", "Out of shape"),
          Map.entry("growth", "Growth"),
          Map.entry("flowers", "Flowers and falling leaves"),
          Map.entry("medium", "Medium and water"),
          Map.entry("roots", "Roots"),
          Map.entry("place", "Its place"),
          Map.entry("course", "How it came"));

  private SignFamilies() {}

  public static String label(String family) {
    return LABELS.getOrDefault(family, family);
  }
}
