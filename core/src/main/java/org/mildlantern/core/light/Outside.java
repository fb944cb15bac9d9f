package org.mildlantern.core.light;

import java.time.LocalDate;
import java.util.List;

/** What stands in front of a window or round a bench, in a word. Heights are rules of thumb. */
public enum Outside {
  OPEN("open sky", 3),
  FAR("houses far off", 10),
  STREET("houses across the street", 20),
  CLOSE("a wall or house close by", 40),
  TREES("trees", 30);

  /** Light that passes a tree in leaf, and one without leaves. Rule of thumb. */
  private static final double IN_LEAF = 0.15;

  private static final double BARE = 0.55;

  private static final int LEAVES_COME = 4;
  private static final int LEAVES_GO = 11;

  private final String label;
  private final double up;

  Outside(String label, double up) {
    this.label = label;
    this.up = up;
  }

  public String label() {
    return label;
  }

  /** Whether trees stand bare on a day. */
  public static boolean isBare(LocalDate day, double latitude) {
    int month = day.plusMonths(latitude < 0 ? 6 : 0).getMonthValue();
    return month < LEAVES_COME || month >= LEAVES_GO;
  }

  /** The skyline in front of a window. */
  public Skyline before(double faces, boolean bare) {
    return new Skyline(List.of(new Skyline.Part(faces + 270, faces + 450, up, passes(bare))));
  }

  /** The skyline all round. */
  public Skyline around(boolean bare) {
    return new Skyline(List.of(new Skyline.Part(0, 360, up, passes(bare))));
  }

  private double passes(boolean bare) {
    return this != TREES ? 0 : throughATree(bare);
  }

  /** Share of light that goes through a tree, without leaves and with them. */
  public static double throughATree(boolean bare) {
    return bare ? BARE : IN_LEAF;
  }
}
