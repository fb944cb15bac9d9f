package org.mildlantern.app.light;

import java.time.LocalDate;
import org.mildlantern.core.light.SunYear;

/**
 * Light of a stand that the keeper says did change.
 *
 * @param spotId null for the usual stand
 */
public record Changed(
    Long placeId, Long spotId, LocalDate day, SunYear.Clear before, SunYear.Clear after) {}
