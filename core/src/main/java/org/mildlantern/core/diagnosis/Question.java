package org.mildlantern.core.diagnosis;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.core.knowledge.Kind;

/**
 * All that a diagnosis is asked about.
 *
 * @param day the day of the look, for the season
 * @param latitude degrees, north positive
 * @param experience what the collection's closed cases have taught
 * @param findings in any order; at most one for each node
 */
public record Question(
    Kind kind,
    LocalDate day,
    double latitude,
    List<Finding> findings,
    Circumstances circumstances,
    List<Response> responses,
    Experience experience) {

  public Question {
    findings = List.copyOf(findings);
    responses = List.copyOf(responses);
  }

  public Question(
      Kind kind,
      LocalDate day,
      double latitude,
      List<Finding> findings,
      Circumstances circumstances,
      List<Response> responses) {
    this(kind, day, latitude, findings, circumstances, responses, Experience.NONE);
  }

  /** The same question in a collection with some experience. */
  public Question taughtBy(Experience other) {
    return new Question(kind, day, latitude, findings, circumstances, responses, other);
  }

  /** A question without responses, at a northern latitude. */
  public static Question of(
      Kind kind, LocalDate day, List<Finding> findings, Circumstances circumstances) {
    return new Question(kind, day, 53, findings, circumstances, List.of());
  }

  public Question with(List<Finding> other) {
    return new Question(kind, day, latitude, other, circumstances, responses, experience);
  }
}
