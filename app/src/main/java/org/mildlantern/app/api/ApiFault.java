package org.mildlantern.app.api;

import java.util.List;

/** A request that cannot be answered, with each offending path. */
class ApiFault extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** One fault; nearest holds the most alike known ids when an id was unknown. */
  record Problem(String path, String message, List<String> nearest) {}

  private final transient List<Problem> problems;

  ApiFault(List<Problem> problems) {
    super(problems.toString());
    this.problems = List.copyOf(problems);
  }

  List<Problem> problems() {
    return problems;
  }
}
