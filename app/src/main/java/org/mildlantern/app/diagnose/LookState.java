package org.mildlantern.app.diagnose;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.records.PlantRecords;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.diagnosis.Finding;

/**
 * Where an inspection stands.
 *
 * @param findings with the keeper's detail for each
 * @param records what the records say, with their sources
 * @param overruled conditions that the keeper says do not hold
 * @param started whether anything has been marked in this look
 */
public record LookState(
    PlantView plant,
    List<Noted> findings,
    boolean started,
    Diagnosis diagnosis,
    PlantRecords records,
    Set<String> overruled,
    Optional<OpenCases.OpenCase> openCase) {

  /** A finding with how many or which leaves. */
  public record Noted(Finding finding, String detail) {}
}
