package org.mildlantern.app.sensors;

import java.time.Instant;
import java.time.LocalDate;
import org.mildlantern.app.places.PlaceView;

/**
 * A device, ready to be shown.
 *
 * @param place null while it has none
 * @param spot the stand, or null for the usual one
 * @param last when it was last heard of, to the hour, or null
 * @param trouble what is wrong with it, in words, or empty
 */
record DeviceView(
    Long id,
    String key,
    String name,
    PlaceView place,
    Long spot,
    LocalDate since,
    Instant last,
    String trouble) {}
