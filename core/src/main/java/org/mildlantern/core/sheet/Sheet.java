package org.mildlantern.core.sheet;

import java.util.ArrayList;
import java.util.List;

/**
 * A grower's list as it stands: headings, and rows of as many cells. Lines without a word are left
 * out, short ones filled up.
 */
public record Sheet(List<String> headings, List<List<String>> rows) {

  public Sheet {
    headings = List.copyOf(headings);
    int width = headings.size();
    rows =
        rows.stream()
            .filter(row -> row.stream().anyMatch(cell -> !cell.isBlank()))
            .map(row -> filled(row, width))
            .toList();
  }

  private static List<String> filled(List<String> row, int width) {
    List<String> filled = new ArrayList<>(row.subList(0, Math.min(row.size(), width)));
    while (filled.size() < width) {
      filled.add("");
    }
    return List.copyOf(filled);
  }

  /** With another text in one cell. */
  public Sheet with(int row, int column, String text) {
    List<List<String>> changed = new ArrayList<>(rows);
    List<String> cells = new ArrayList<>(rows.get(row));
    cells.set(column, text);
    changed.set(row, cells);
    return new Sheet(headings, changed);
  }

  /** Without some of its rows. */
  public Sheet without(java.util.Set<Integer> gone) {
    List<List<String>> left = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      if (!gone.contains(i)) {
        left.add(rows.get(i));
      }
    }
    return new Sheet(headings, left);
  }
}
