package org.mildlantern.devices;

import java.time.Instant;
import java.util.Locale;

/**
 * A reading as the open interface takes it.
 *
 * @param id the same whenever this reading is made or sent again
 * @param kind WEIGHT, WEIGHT_DRAINED or METER
 * @param value grams, or the meter's figure from 0 to 10
 */
record Reading(String id, String plant, Instant at, String kind, double value) {

  String json() {
    return String.format(
        Locale.ROOT,
        "{\"id\":\"%s\",\"plant\":\"%s\",\"at\":\"%s\",\"kind\":\"%s\",\"value\":%.1f}",
        id,
        plant,
        at,
        kind,
        value);
  }
}
