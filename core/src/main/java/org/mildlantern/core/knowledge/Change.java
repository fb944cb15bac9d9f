package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Map;
import org.mildlantern.core.season.Months;

/**
 * One change of care, and how to make it.
 *
 * @param on other words for some ways of life, by way, form or tag
 * @param unfit what to do instead where it must not be used, by way, form or tag
 * @param season the time of the year in which alone it is made, or null for any
 * @param months the same in months of the north, by way, form or tag; any time where none is named
 * @param meanwhile what to do out of that season
 * @param touches what the keeper handles with it that can hurt
 */
public record Change(
    String id,
    String label,
    String kind,
    @JsonProperty("do") String how,
    Map<String, String> on,
    Map<String, String> unfit,
    Time season,
    Map<String, Months> months,
    String meanwhile,
    List<Touch> touches) {

  public Change {
    on = on == null ? Map.of() : on;
    unfit = unfit == null ? Map.of() : unfit;
    months = months == null ? Map.of() : months;
    touches = touches == null ? List.of() : touches;
  }

  /** A time of the year that the way of life fixes. */
  public enum Time {
    /** When roots may be disturbed. */
    @JsonProperty("repotting")
    REPOTTING
  }

  /** What can hurt the keeper, or somebody of the house. */
  public enum Touch {
    /** Peat, moss and compost. */
    @JsonProperty("medium")
    MEDIUM,
    /** The sap of what is cut. */
    @JsonProperty("sap")
    SAP,
    /** What an animal ate of it. */
    @JsonProperty("bites")
    BITES
  }

  public boolean disturbsMedium() {
    return touches.contains(Touch.MEDIUM);
  }

  public boolean drawsSap() {
    return touches.contains(Touch.SAP);
  }

  public boolean followsBites() {
    return touches.contains(Touch.BITES);
  }

  /** How to make it in this way of life. */
  public String how(Living living) {
    return living.pick(on).orElse(how);
  }

  /** Whether there are ways of life for which it is made in some months only. */
  public boolean hasSeason() {
    return season != null || !months.isEmpty();
  }
}
