package org.mildlantern.app.figure;

/**
 * A small texture that stands for a sign, drawn on a tile of 12 by 12.
 *
 * @param ground colour under the mark, or {@code none}
 * @param opacity of the ground, 0 to 1
 * @param mark path data of the mark, or empty
 * @param ink colour of the mark
 * @param line true when the mark is a line and not a filled shape
 */
public record Swatch(
    String id, String ground, double opacity, String mark, String ink, boolean line) {}
