package org.mildlantern.app.diagnose;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.core.diagnosis.Experience;
import org.mildlantern.core.diagnosis.Response;

/** What a diagnosis needs to know of cases; the cases feature answers. */
public interface OpenCases {
  /** Causes of other open cases in the place, or on plants that lately shared one with it. */
  Set<String> causesNear(Long placeId, Long exceptPlantId);

  /** How the plant answered the changes of its open case, first to last. */
  List<Response> responsesOf(Long plantId);

  /** The look on which the plant's open case stands, if there is one. */
  Optional<Long> lookOfOpenCase(Long plantId);

  /** Number of the plant's open case, if there is one. */
  Optional<OpenCase> openCase(Long plantId);

  /** What the closed cases have taught; nothing when the keeper has switched that off. */
  Experience experience();

  /** An open case in brief. */
  record OpenCase(Long id, int number, String causeId) {}
}
