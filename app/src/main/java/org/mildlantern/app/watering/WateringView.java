package org.mildlantern.app.watering;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.core.water.PaceChange;
import org.mildlantern.core.water.WaterOutlook;
import org.mildlantern.core.working.Working;

/**
 * A plant's water, ready to be shown.
 *
 * @param outlook from its own pace, or null while only its kind's interval is known
 * @param changes why it wants water sooner or later than five weeks ago, in sentences
 * @param how to water it, in the order of doing
 */
public record WateringView(
    Look look,
    WaterOutlook outlook,
    Holds holds,
    WaterChart chart,
    List<String> how,
    List<String> changes,
    LocalDate today) {
  /** When to look at it, and why. */
  public record Look(LocalDate lookOn, String reason, Working working) {}

  /**
   * What the pot holds.
   *
   * @param holding how much the pot holds, or null
   * @param profile how wet it is by depth when drained, or null
   * @param scatter how far that may differ, in words, or null
   */
  public record Holds(Working holding, WetProfile profile, String scatter) {}

  /** How its pace stands to that of five weeks ago, or null. */
  public PaceChange paceChange() {
    return outlook == null ? null : outlook.change();
  }

  public boolean due() {
    return !look.lookOn().isAfter(today);
  }
}
