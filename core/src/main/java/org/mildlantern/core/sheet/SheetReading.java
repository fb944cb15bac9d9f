package org.mildlantern.core.sheet;

import java.util.List;
import java.util.Map;

/**
 * A list with what was made of it.
 *
 * @param heads column by column
 * @param asks what is open for the list as a whole
 */
public record SheetReading(List<Head> heads, List<Row> rows, Asks asks) {

  /**
   * A column.
   *
   * @param column what it is taken to hold
   * @param sure whether its heading or the grower says so
   */
  public record Head(Heading heading, Column column, boolean sure) {}

  /**
   * A row.
   *
   * @param number of the row in the list, from 0
   * @param problem of the row as such, or null
   * @param plant or null while something will not do
   */
  public record Row(int number, List<Cell> cells, String problem, PlantRow plant) {
    public boolean good() {
      return plant != null;
    }
  }

  /**
   * What is asked of the list as a whole.
   *
   * @param unit whether widths have no unit
   * @param days whether days in figures can be read in two ways
   * @param places how many plants stand in each place that is not there yet, by the name as written
   * @param rest how many rows tell no place
   */
  public record Asks(boolean unit, boolean days, Map<String, Integer> places, int rest) {}

  public List<Row> good() {
    return rows.stream().filter(Row::good).toList();
  }

  public List<Row> open() {
    return rows.stream().filter(row -> !row.good()).toList();
  }
}
