package org.mildlantern.app.sensors;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.air.Gauge;
import org.mildlantern.core.words.Words;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes what devices read, keeps where they are, and tells the air of places by them. */
@Service
@Transactional
public class SensorService {
  private static final Words WORDS = Words.of(SensorService.class);

  private static final int LONGEST_NAME = 60;
  private static final int FEWEST_DAYS = 7;
  private static final int MOST_DAYS = 4000;

  /** Days of which the mean counts, and those of which the extremes do. */
  private static final int MEAN_DAYS = 14;

  private static final int EXTREME_DAYS = 21;

  /** Pots are reckoned back no further. */
  private static final int BACK_DAYS = 120;

  private final DeviceRepository devices;
  private final DevicePlaceRepository stands;
  private final AirStore store;
  private final PlaceService places;
  private final CollectionMemo memo;
  private final Scope scope;
  private final Clock clock;

  SensorService(
      DeviceRepository devices,
      DevicePlaceRepository stands,
      AirStore store,
      PlaceService places,
      CollectionMemo memo,
      Scope scope,
      Clock clock) {
    this.devices = devices;
    this.stands = stands;
    this.store = store;
    this.places = places;
    this.memo = memo;
    this.scope = scope;
    this.clock = clock;
  }

  /** The air of all places that were measured lately. */
  @Transactional(readOnly = true)
  public Map<Long, Measured> measured() {
    return memo.once("measured", this::sumUp);
  }

  private Map<Long, Measured> sumUp() {
    long collection = scope.keeper().collectionId();
    LocalDate today = scope.today();
    Map<Long, Map<Gauge, AirStore.Lately>> means =
        byPlace(store.lately(collection, today.minusDays(MEAN_DAYS)));
    Map<Long, Map<Gauge, AirStore.Lately>> extremes =
        byPlace(store.lately(collection, today.minusDays(EXTREME_DAYS)));
    Map<Long, Measured> all = new HashMap<>();
    extremes.forEach(
        (place, its) -> {
          Optional<AirStore.Lately> warmth = Optional.ofNullable(its.get(Gauge.TEMPERATURE));
          Map<Gauge, AirStore.Lately> mean = means.getOrDefault(place, Map.of());
          all.put(
              place,
              new Measured(
                  mean(mean, Gauge.TEMPERATURE),
                  mean(mean, Gauge.HUMIDITY),
                  warmth.map(AirStore.Lately::low).orElse(null),
                  warmth.map(AirStore.Lately::high).orElse(null),
                  Optional.ofNullable(its.get(Gauge.GLASS)).map(AirStore.Lately::low).orElse(null),
                  dli().get(new Stand(place, null)),
                  its.values().stream().mapToInt(AirStore.Lately::days).max().orElse(0)));
        });
    return all;
  }

  /**
   * Where light is read.
   *
   * @param spot null for the usual stand
   */
  public record Stand(long place, Long spot) {}

  /** Light of the mean day of the last two weeks on each stand where it was read, mol/m². */
  @Transactional(readOnly = true)
  public Map<Stand, Double> dli() {
    return memo.once(
        "measured-light",
        () ->
            store.light(
                scope.keeper().collectionId(), scope.today().minusDays(MEAN_DAYS), scope.zone()));
  }

  /**
   * Air of a day; what was not read is null.
   *
   * @param temperature °C
   * @param humidity %
   */
  public record DayAir(Double temperature, Double humidity) {}

  /** The air of all places by day, as it was read, for as long as pots are reckoned back. */
  @Transactional(readOnly = true)
  public Map<Long, Map<LocalDate, DayAir>> days() {
    return memo.once("air-days", this::readDays);
  }

  /** The coldest of each day of all places, as it was read, °C. */
  @Transactional(readOnly = true)
  public Map<Long, Map<LocalDate, Double>> lows() {
    return memo.once(
        "air-lows",
        () ->
            store.lows(scope.keeper().collectionId(), scope.today().minusDays(BACK_DAYS)).stream()
                .collect(
                    Collectors.groupingBy(
                        AirStore.Low::place,
                        Collectors.toMap(AirStore.Low::day, AirStore.Low::low))));
  }

  private Map<Long, Map<LocalDate, DayAir>> readDays() {
    Map<Long, Map<LocalDate, DayAir>> all = new HashMap<>();
    store
        .byDay(scope.keeper().collectionId(), scope.today().minusDays(BACK_DAYS))
        .forEach(
            one ->
                all.computeIfAbsent(one.place(), place -> new HashMap<>())
                    .merge(one.day(), dayAir(one), SensorService::both));
    return all;
  }

  private static DayAir dayAir(AirStore.OfDay one) {
    return one.gauge() == Gauge.TEMPERATURE
        ? new DayAir(one.mean(), null)
        : new DayAir(null, one.mean());
  }

  private static DayAir both(DayAir one, DayAir other) {
    return new DayAir(
        one.temperature() == null ? other.temperature() : one.temperature(),
        one.humidity() == null ? other.humidity() : one.humidity());
  }

  private static Double mean(Map<Gauge, AirStore.Lately> of, Gauge gauge) {
    return of.containsKey(gauge) ? Double.valueOf(of.get(gauge).mean()) : null;
  }

  private static Map<Long, Map<Gauge, AirStore.Lately>> byPlace(List<AirStore.Lately> all) {
    return all.stream()
        .collect(
            Collectors.groupingBy(
                AirStore.Lately::place,
                Collectors.toMap(AirStore.Lately::gauge, Function.identity())));
  }

  /** All devices, those without a place first. */
  @Transactional(readOnly = true)
  List<DeviceView> devices() {
    Map<Long, PlaceView> byId =
        places.all().stream().collect(Collectors.toMap(PlaceView::id, Function.identity()));
    Map<Long, DevicePlace> now = new HashMap<>();
    stands.all().stream().filter(s -> s.until() == null).forEach(s -> now.put(s.deviceId(), s));
    Map<Long, AirStore.Heard> heard =
        store.heard(scope.keeper().collectionId(), scope.today()).stream()
            .collect(Collectors.toMap(AirStore.Heard::device, Function.identity()));
    return devices.all().stream()
        .map(
            device -> {
              DevicePlace at = now.get(device.id());
              AirStore.Heard last = heard.get(device.id());
              return new DeviceView(
                  device.id(),
                  device.key(),
                  device.name(),
                  at == null ? null : byId.get(at.placeId()),
                  at == null ? null : at.spotId(),
                  at == null ? null : scope.day(at.since()),
                  last.last(),
                  trouble(last));
            })
        .sorted(Comparator.comparing(view -> view.place() != null))
        .toList();
  }

  private String trouble(AirStore.Heard heard) {
    if (heard.last() == null) {
      return WORDS.say("never");
    }
    if (heard.stuck()) {
      return WORDS.say("stuck");
    }
    long hours = Duration.between(heard.last(), scope.now()).toHours();
    return hours > 24 ? WORDS.say("silent", hours / 24) : "";
  }

  @Transactional(readOnly = true)
  boolean isDevice(Long deviceId) {
    return devices.byId(deviceId).isPresent();
  }

  /**
   * Puts a device at a place, or on a stand of it, from a day on; where it was before ends there.
   *
   * @throws IllegalArgumentException for a day ahead, one before it came to where it is, or no
   *     place
   */
  boolean put(Long deviceId, Long placeId, Long spotId, LocalDate since) {
    Optional<Device> device = devices.byId(deviceId);
    if (device.isEmpty()) {
      return false;
    }
    if (places.find(placeId).isEmpty()) {
      throw new IllegalArgumentException(WORDS.say("which"));
    }
    if (since.isAfter(scope.today())) {
      throw new IllegalArgumentException(WORDS.say("ahead"));
    }
    Instant from = since.atStartOfDay(scope.zone()).toInstant();
    List<DevicePlace> before = stands.of(deviceId);
    Optional<DevicePlace> last = before.stream().filter(s -> s.until() == null).findFirst();
    if (last.isPresent()
        && last.get().placeId().equals(placeId)
        && Objects.equals(last.get().spotId(), spotId)) {
      return true;
    }
    last.ifPresent(
        stand -> {
          if (!from.isAfter(stand.since())) {
            throw new IllegalArgumentException(WORDS.say("before"));
          }
          stand.end(from);
          stands.save(stand);
        });
    stands.save(new DevicePlace(deviceId, placeId, spotId, from));
    return true;
  }

  /** Has a device that is nowhere else count for a place from an instant on. */
  void belongs(String key, Long placeId, Instant since) {
    devices
        .byKey(key)
        .ifPresent(
            device -> {
              List<DevicePlace> before = stands.of(device.id());
              if (before.stream().allMatch(stand -> stand.placeId().equals(placeId))) {
                stands.deleteAll(before);
                Instant first =
                    before.stream()
                        .map(DevicePlace::since)
                        .filter(since::isAfter)
                        .min(Comparator.naturalOrder())
                        .orElse(since);
                stands.save(new DevicePlace(device.id(), placeId, null, first));
              }
            });
  }

  boolean call(Long deviceId, String name) {
    Optional<Device> device = devices.byId(deviceId);
    device.ifPresent(
        one -> {
          one.call(name.strip());
          devices.save(one);
        });
    return device.isPresent();
  }

  /** For how many days single readings are kept; their sums by hour and day stay. */
  @Transactional(readOnly = true)
  int keepDays() {
    return store.keepDays(scope.keeper().collectionId());
  }

  /**
   * Keeps single readings for so many days.
   *
   * @throws IllegalArgumentException outside of 7 to 4000
   */
  void keep(Integer days) {
    if (days == null || days < FEWEST_DAYS || days > MOST_DAYS) {
      throw new IllegalArgumentException(WORDS.say("keep", FEWEST_DAYS, MOST_DAYS));
    }
    store.keep(scope.keeper().collectionId(), days);
  }

  /** Takes a device out with all that it read. */
  boolean takeOut(Long deviceId) {
    Optional<Device> device = devices.byId(deviceId);
    device.ifPresent(devices::delete);
    return device.isPresent();
  }

  /** Deletes single readings that are older than their keepers want. */
  @Scheduled(cron = "0 41 3 * * *")
  void thin() {
    store.thin(clock.instant());
  }
}
