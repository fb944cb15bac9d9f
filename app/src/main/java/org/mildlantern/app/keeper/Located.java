package org.mildlantern.app.keeper;

/** How it is known where on earth a collection stands. */
public enum Located {
  /** Not at all: seasons are those of the middle north until it is said. */
  NOWHERE,
  /** From the time zone of the browser. */
  BROWSER,
  /** Said by the keeper. */
  KEEPER
}
