package org.mildlantern.core.label;

/** What a product is, which decides what an ounce and a percent of it are. */
public enum Product {
  LIQUID,
  POWDER,
  UNKNOWN
}
