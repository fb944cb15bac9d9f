package org.mildlantern.core.journal;

/** A note that belongs to a case. */
public interface OfCase {
  /** Id of the case. */
  Long caseId();
}
