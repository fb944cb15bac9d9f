package org.mildlantern.app.api;

import java.util.List;

/**
 * What fits.
 *
 * @param fit geometric mean of the probabilities of the present findings under the best set of
 *     causes, 0 to 1
 * @param fitsNothing whether no set explains the findings well
 */
record DiagnoseAnswer(
    String form,
    String taxon,
    String date,
    List<Ranked> ranking,
    List<String> bestSet,
    double fit,
    boolean fitsNothing,
    List<String> unexplained,
    List<Check> nextChecks) {

  /** A cause; evidence in decibans adds up to the posterior log-odds. */
  record Ranked(
      String cause,
      String label,
      String verdict,
      double probability,
      List<Evidence> evidence,
      List<String> unexplained) {}

  /** kind is base, record, finding or response. */
  record Evidence(String kind, String key, String label, double decibans) {}

  /** A look worth its while; bits is the information expected about the causes. */
  record Check(
      String check,
      String label,
      double minutes,
      String stress,
      int days,
      double bits,
      List<String> lookFor) {}
}
