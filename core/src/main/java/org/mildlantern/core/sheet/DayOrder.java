package org.mildlantern.core.sheet;

/** Which of two figures of a day is the day. */
public enum DayOrder {
  DAY_FIRST("the day first: 12/5 is 12 May"),
  MONTH_FIRST("the month first: 12/5 is 5 December");

  private final String label;

  DayOrder(String label) {
    this.label = label;
  }

  public String label() {
    return label;
  }
}
