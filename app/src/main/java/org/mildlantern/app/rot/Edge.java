package org.mildlantern.app.rot;

/** What is seen of the edge of a rot. */
public enum Edge {
  STILL("still", "Dry and still"),
  MOVED("moved", "Wet, or it moved"),
  CUT("cut", "Cut again");

  private final String word;
  private final String label;

  Edge(String word, String label) {
    this.word = word;
    this.label = label;
  }

  String word() {
    return word;
  }

  public String label() {
    return label;
  }
}
