package org.mildlantern.core.repot;

import java.time.LocalDate;
import java.util.List;

/**
 * What a plant is spared after it was repotted. Rules of thumb.
 *
 * @param of ways of life or their tags
 * @param dryDays no drink for so long; 0 for one at once
 * @param shadeDays out of sun for so long
 * @param humidDays in moist air for so long; 0 where that is not needed
 * @param feedDays no feed for so long
 */
public record Aftercare(
    String id,
    List<String> of,
    int dryDays,
    int shadeDays,
    int humidDays,
    int feedDays,
    String say) {

  /** Whether its roots are to heal dry on a day. */
  public boolean dryOn(LocalDate day, LocalDate repotted) {
    return day.isBefore(repotted.plusDays(dryDays));
  }

  /** The first day on which nothing is spared any more. */
  public LocalDate over(LocalDate repotted) {
    return repotted.plusDays(Math.max(Math.max(dryDays, shadeDays), Math.max(humidDays, feedDays)));
  }
}
