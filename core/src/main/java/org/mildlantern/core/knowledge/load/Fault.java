package org.mildlantern.core.knowledge.load;

/**
 * Something wrong in a file.
 *
 * @param line from 1, or 0 when it is of the whole file
 * @param entry id of the entry, or empty
 * @param what the field and what is wrong with it
 */
public record Fault(String file, int line, String entry, String what) {
  @Override
  public String toString() {
    return file
        + (line > 0 ? ":" + line : "")
        + ": "
        + (entry.isEmpty() ? "" : entry + ": ")
        + what;
  }
}
