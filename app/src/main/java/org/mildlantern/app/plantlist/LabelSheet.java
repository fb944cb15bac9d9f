package org.mildlantern.app.plantlist;

import java.util.Arrays;

/**
 * A sheet or strip of labels, by its measures in mm. Common sizes; what is on one’s own sheet is to
 * be measured.
 *
 * @see #columns() labels beside each other; {@link #rows()} below each other
 */
enum LabelSheet {
  A4_21("63.5 × 38.1 mm, 21 on A4", 210, 297, 3, 7, 63.5, 38.1, 15.1, 7.2, 2.5, 0),
  A4_24("70 × 37 mm, 24 on A4", 210, 297, 3, 8, 70, 37, 0.5, 0, 0, 0),
  A4_65("38.1 × 21.2 mm, 65 on A4", 210, 297, 5, 13, 38.1, 21.2, 10.7, 4.7, 2.5, 0),
  LETTER_30(
      "66.7 × 25.4 mm (2⅝ × 1 in), 30 on Letter",
      215.9,
      279.4,
      3,
      10,
      66.7,
      25.4,
      12.7,
      4.8,
      3.1,
      0),
  STAKES("pot stakes 20 × 130 mm, 9 on A4", 210, 297, 9, 1, 20, 130, 20, 10, 1.2, 0),
  STRIP_12("strip 12 mm, 50 mm long", 50, 12, 1, 1, 50, 12, 0, 0, 0, 0),
  STRIP_29("strip 29 mm, 62 mm long", 62, 29, 1, 1, 62, 29, 0, 0, 0, 0);

  private final String words;
  private final double pageWidth;
  private final double pageHeight;
  private final int columns;
  private final int rows;
  private final double width;
  private final double height;
  private final double top;
  private final double left;
  private final double across;
  private final double down;

  LabelSheet(
      String words,
      double pageWidth,
      double pageHeight,
      int columns,
      int rows,
      double width,
      double height,
      double top,
      double left,
      double across,
      double down) {
    this.words = words;
    this.pageWidth = pageWidth;
    this.pageHeight = pageHeight;
    this.columns = columns;
    this.rows = rows;
    this.width = width;
    this.height = height;
    this.top = top;
    this.left = left;
    this.across = across;
    this.down = down;
  }

  public String words() {
    return words;
  }

  public double pageWidth() {
    return pageWidth;
  }

  public double pageHeight() {
    return pageHeight;
  }

  public int columns() {
    return columns;
  }

  public int rows() {
    return rows;
  }

  int all() {
    return columns * rows;
  }

  public double width() {
    return width;
  }

  public double height() {
    return height;
  }

  /** Whether a label is higher than wide: its words stand below the square. */
  public boolean upright() {
    return height > width;
  }

  /** A side of the square: what fits, and no more than a camera needs. */
  public double square() {
    return Math.min(Math.min(width, height) - 2 * PAD, LARGEST);
  }

  private static final double PAD = 1.5;
  private static final double LARGEST = 24;

  /** Where the label with a number from 0 stands on its page, from the left. */
  double x(int number) {
    return left + number % columns * (width + across);
  }

  /** The same from the top. */
  double y(int number) {
    return top + number / columns * (height + down);
  }

  static LabelSheet of(String id) {
    return Arrays.stream(values())
        .filter(sheet -> sheet.name().equals(id))
        .findFirst()
        .orElse(A4_21);
  }
}
