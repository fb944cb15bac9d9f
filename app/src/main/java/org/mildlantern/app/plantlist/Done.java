package org.mildlantern.app.plantlist;

import java.io.Serializable;
import java.util.List;

/**
 * What was done to many, and how it is undone.
 *
 * @param entries written, or null
 * @param archived plants put away, or null
 */
record Done(String said, List<Long> entries, List<Long> archived) implements Serializable {
  private static final long serialVersionUID = 1L;
}
