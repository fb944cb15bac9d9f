package org.mildlantern.app.sensors;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.web.PlainInput;
import org.mildlantern.core.air.Gauge;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes what devices read, from whatever file or program. */
@Service
@Transactional
public class ReadingIntake {
  /** A device's clock may be ahead by this much. */
  private static final Duration AHEAD = Duration.ofMinutes(5);

  private static final Duration OLDEST = Duration.ofDays(1500);
  private static final int LONGEST_KEY = 80;
  private static final int LONGEST_NAME = 60;
  private static final int MOST_DEVICES = 200;

  private final DeviceRepository devices;
  private final AirIntake intake;
  private final AirStore store;
  private final Scope scope;

  ReadingIntake(DeviceRepository devices, AirIntake intake, AirStore store, Scope scope) {
    this.devices = devices;
    this.intake = intake;
    this.store = store;
    this.scope = scope;
  }

  /** A reading as it is sent. */
  public record Sent(Instant at, Gauge kind, Double value) {}

  /**
   * What became of readings.
   *
   * @param known that had come before
   */
  public record Taken(int stored, int known, List<Refused> refused) {}

  /** One that was not taken, by its number from 0, and why. */
  public record Refused(int index, String message) {}

  /**
   * Takes readings of a device; one that is not known yet waits for a place.
   *
   * @throws IllegalArgumentException for a key that cannot be one, or too many devices
   */
  public Taken take(String key, List<Sent> sent) {
    if (key == null || key.isBlank() || key.length() > LONGEST_KEY || !PlainInput.isStorable(key)) {
      throw new IllegalArgumentException("device: 1 to " + LONGEST_KEY + " characters");
    }
    List<AirIntake.Reading> good = new ArrayList<>();
    List<Refused> refused = new ArrayList<>();
    Instant now = scope.now();
    for (int i = 0; i < sent.size(); i++) {
      String fault = fault(sent.get(i), now);
      if (fault == null) {
        good.add(new AirIntake.Reading(sent.get(i).kind(), sent.get(i).at(), sent.get(i).value()));
      } else {
        refused.add(new Refused(i, fault));
      }
    }
    int stored = 0;
    if (!good.isEmpty()) {
      stored = intake.take(device(key), good, scope.zone());
      store.touch(scope.keeper().collectionId());
    }
    return new Taken(stored, good.size() - stored, refused);
  }

  private long device(String key) {
    Optional<Device> known = devices.byKey(key);
    if (known.isPresent()) {
      return known.get().id();
    }
    if (devices.all().size() >= MOST_DEVICES) {
      throw new IllegalArgumentException("device: " + MOST_DEVICES + " are enough");
    }
    String name = key.length() <= LONGEST_NAME ? key : key.substring(0, LONGEST_NAME);
    return store.device(scope.keeper().collectionId(), key, name);
  }

  private static String fault(Sent sent, Instant now) {
    if (sent.kind() == null) {
      return "kind: temperature, humidity, lux, ppfd, glass or co2";
    }
    if (sent.at() == null
        || sent.at().isAfter(now.plus(AHEAD))
        || sent.at().isBefore(now.minus(OLDEST))) {
      return "at: an instant that has come, of the last 1500 days";
    }
    if (sent.value() == null || !sent.kind().canBe(sent.value())) {
      return "value: " + sent.kind().range();
    }
    return null;
  }
}
