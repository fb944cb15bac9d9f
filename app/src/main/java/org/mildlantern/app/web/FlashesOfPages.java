package org.mildlantern.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.FlashMap;
import org.springframework.web.servlet.support.SessionFlashMapManager;

/**
 * Keeps what an answer says for the page that its keeper sees: the copy that the browser puts by
 * for a time without a line is asked for on its own, perhaps just between the two.
 */
@Component("flashMapManager")
public class FlashesOfPages extends SessionFlashMapManager {
  private static final String COPY = "Kept-Copy";

  /** Whether something is still to be said to the keeper who asks. */
  public boolean isWaiting(HttpServletRequest request) {
    List<FlashMap> waiting = super.retrieveFlashMaps(request);
    return waiting != null && !waiting.isEmpty();
  }

  @Override
  protected List<FlashMap> retrieveFlashMaps(HttpServletRequest request) {
    return request.getHeader(COPY) == null ? super.retrieveFlashMaps(request) : null;
  }
}
