package org.mildlantern.app.diagnose;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.records.PlantRecords;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.said.Reading;

/**
 * Where an inspection stands.
 *
 * @param said the keeper's own words, or empty
 * @param findings with the keeper's detail for each
 * @param records what the records say, with their sources
 * @param overruled conditions that the keeper says do not hold
 * @param started whether anything has been marked in this look
 */
public record LookState(
    PlantView plant,
    String said,
    List<Noted> findings,
    boolean started,
    Diagnosis diagnosis,
    PlantRecords records,
    Set<String> overruled,
    Optional<OpenCases.OpenCase> openCase) {

  /**
   * A finding.
   *
   * @param detail how many or which leaves
   * @param quote the words in which it was said, or empty when it was marked
   */
  public record Noted(Finding finding, String detail, String quote) {
    public Noted(Finding finding, String quote) {
      this(finding, "", quote);
    }
  }

  /**
   * A circumstance that the keeper told, with their words.
   *
   * @param sure how likely it was meant, above 0 and up to 1
   */
  public record Told(String field, Reading.Value value, String quote, double sure) {
    boolean isSure() {
      return sure == 1;
    }
  }
}
