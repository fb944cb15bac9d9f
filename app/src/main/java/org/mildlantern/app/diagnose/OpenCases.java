package org.mildlantern.app.diagnose;

import java.util.List;
import java.util.Optional;
import org.mildlantern.core.diagnosis.Experience;
import org.mildlantern.core.diagnosis.Response;

/** What a diagnosis needs to know of cases; the cases feature answers. */
public interface OpenCases {
  /** The plant's open case, if there is one. */
  Optional<OpenCase> openCase(Long plantId);

  /** What the closed cases have taught; nothing when the keeper has switched that off. */
  Experience experience();

  /**
   * An open case in brief.
   *
   * @param lookId the look on which it stands, or null
   * @param responses how the plant answered its changes, first to last
   */
  record OpenCase(Long id, int number, String causeId, Long lookId, List<Response> responses) {}
}
