package org.mildlantern.app.diagnose;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.diagnosis.Finding;

/**
 * Where an inspection stands.
 *
 * @param findings with the keeper's detail for each
 * @param started whether anything has been marked in this look
 */
public record LookState(
    PlantView plant,
    List<Noted> findings,
    boolean started,
    Diagnosis diagnosis,
    Optional<OpenCases.OpenCase> openCase) {

  /** A finding with how many or which leaves. */
  public record Noted(Finding finding, String detail) {}
}
