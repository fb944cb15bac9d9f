package org.mildlantern.app.sensors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.keeper.TokenScope;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.air.Gauge;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class SensorsTest extends WebCase {
  @Autowired SensorService sensors;
  @Autowired ReadingIntake intake;
  @Autowired ReadingsService readings;
  @Autowired AirStore store;
  @Autowired KeeperService accounts;
  @Autowired Clock clock;
  @Autowired JdbcClient jdbc;

  private SignedIn keeper;
  private PlaceView bay;
  private String token;
  private Instant hour;

  @BeforeEach
  void aBay() {
    keeper = keepers.make();
    bay = keepers.place(keeper, "Bay", PlaceKind.INDOOR);
    token = keepers.as(keeper, () -> accounts.makeToken("meter", TokenScope.READINGS, null));
    hour = clock.instant().truncatedTo(ChronoUnit.HOURS).minus(Duration.ofHours(3));
  }

  private ResultActions send(String body) throws Exception {
    return web.perform(
        MockMvcRequestBuilders.post("/api/v1/place-readings")
            .header("Authorization", "Bearer " + token)
            .contentType(MediaType.APPLICATION_JSON)
            .content(body));
  }

  private static String one(Instant at, String kind, String value) {
    return "{\"at\":\"%s\",\"kind\":\"%s\",\"value\":%s}".formatted(at, kind, value);
  }

  private ReadingIntake.Taken take(String device, ReadingIntake.Sent... sent) {
    return keepers.as(keeper, () -> intake.take(device, List.of(sent)));
  }

  private static ReadingIntake.Sent celsius(Instant at, double value) {
    return new ReadingIntake.Sent(at, Gauge.TEMPERATURE, value);
  }

  private Long device() {
    return keepers.as(keeper, () -> sensors.devices()).get(0).id();
  }

  private void atBay(String since) throws Exception {
    post(keeper, "/devices/" + device() + "/place", "place", "" + bay.id(), "since", since)
        .andExpect(flash().attributeExists("said"));
  }

  private void belongs(String key, PlaceView place, Instant since) {
    keepers.as(
        keeper,
        () -> {
          sensors.belongs(key, place.id(), since);
          return key;
        });
  }

  private List<Series> series(Series.Span span) {
    return keepers.as(keeper, () -> readings.of(bay.id(), span)).orElseThrow();
  }

  @Test
  void aDeviceThatIsNewWaitsForItsPlaceAndNothingIsLost() throws Exception {
    send("{\"device\":\"bay-1\",\"readings\":["
            + one(hour, "temperature", "19.5")
            + ","
            + one(hour, "humidity", "41")
            + ","
            + one(hour, "temperature", "19.5")
            + ","
            + one(hour, "temperature", "999")
            + ","
            + one(clock.instant().plus(Duration.ofDays(1)), "temperature", "20")
            + ","
            + one(hour, "wind", "3")
            + ","
            + one(hour, "lux", "1e9")
            + "]}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.stored").value(2))
        .andExpect(jsonPath("$.known").value(1))
        .andExpect(jsonPath("$.refused.length()").value(4))
        .andExpect(jsonPath("$.refused[0].message").value(containsString("-60 to 70")));
    assertThat(series(Series.Span.MONTH)).isEmpty();
    get(keeper, "/devices").andExpect(content().string(containsString("has no place yet")));
    atBay("1 Nov 2026");
    assertThat(series(Series.Span.MONTH))
        .extracting(Series::gauge)
        .containsExactly("temperature", "humidity");
    get(keeper, "/places/" + bay.id() + "/readings?span=day")
        .andExpect(content().string(allOf(containsString("data-series"), containsString("uPlot"))));
    get(keeper, "/places/" + bay.id() + "/readings/data?span=day")
        .andExpect(jsonPath("$[0].mean[0]").value(19.5));
  }

  @Test
  void badBodiesAreProblemsAndAnothersTokenIsAnothersDevice() throws Exception {
    for (String bad :
        List.of(
            "{}",
            "{\"device\":\"x\",\"readings\":[]}",
            "{\"readings\":[" + one(hour, "temperature", "20") + "]}",
            "{\"device\":\""
                + "x".repeat(90)
                + "\",\"readings\":["
                + one(hour, "temperature", "20")
                + "]}")) {
      send(bad).andExpect(status().isBadRequest());
    }
    take("bay-1", celsius(hour, 20));
    SignedIn other = keepers.make();
    assertThat(keepers.as(other, () -> sensors.devices())).isEmpty();
    get(other, "/places/" + bay.id() + "/readings").andExpect(status().isNotFound());
  }

  @Test
  void theSumsAreThoseOfTheReadingsWhateverOrderTheyComeIn() throws Exception {
    Random random = new Random(3);
    List<ReadingIntake.Sent> all = new ArrayList<>();
    for (int i = 0; i < 600; i++) {
      all.add(
          new ReadingIntake.Sent(
              hour.minus(Duration.ofMinutes(7L * i)),
              i % 2 == 0 ? Gauge.TEMPERATURE : Gauge.HUMIDITY,
              15 + 10 * random.nextDouble()));
    }
    Collections.shuffle(all, random);
    for (int i = 0; i < 600; i += 50) {
      List<ReadingIntake.Sent> batch = all.subList(Math.max(0, i - 10), i + 50);
      keepers.as(keeper, () -> intake.take("bay-1", batch));
    }
    double hours =
        jdbc.sql("select sum(total) from air_hour where device_id = ?")
            .param(device())
            .query(Double.class)
            .single();
    double days =
        jdbc.sql("select sum(total) from air_day where device_id = ?")
            .param(device())
            .query(Double.class)
            .single();
    double raw = all.stream().mapToDouble(ReadingIntake.Sent::value).sum();
    assertThat(hours).isCloseTo(raw, within(0.01));
    assertThat(days).isCloseTo(raw, within(0.01));
  }

  @Test
  void aDeviceThatMovesTakesWhatItReadsToItsNewPlace() throws Exception {
    Instant old = hour.minus(Duration.ofDays(6));
    take("bay-1", celsius(old, 12), celsius(hour, 21));
    atBay("1 Nov 2026");
    PlaceView attic = keepers.place(keeper, "Attic", PlaceKind.INDOOR);
    LocalDate day = LocalDate.ofInstant(hour, keeper.zone()).minusDays(2);
    String put = "/devices/" + device() + "/place";
    post(keeper, put, "place", "" + attic.id(), "since", day.toString())
        .andExpect(redirectedUrl("/devices"));
    assertThat(series(Series.Span.MONTH).get(0).mean()).containsExactly(12.0);
    assertThat(keepers.as(keeper, () -> readings.of(attic.id(), Series.Span.MONTH)).orElseThrow())
        .singleElement()
        .satisfies(series -> assertThat(series.mean()).containsExactly(21.0));
    for (String[] bad :
        new String[][] {
          {"place", "" + bay.id(), "since", "1 Oct 2026"},
          {"place", "" + bay.id(), "since", "1 Jan 2030"},
          {"place", "999999", "since", ""},
          {"place", "" + bay.id(), "since", "some day"}
        }) {
      post(keeper, put, bad).andExpect(flash().attributeExists("problem"));
    }
  }

  @Test
  void whatWasReadCountsBeforeWhatWasNoted() throws Exception {
    PlantView plant = keepers.plant(keeper, bay, "Phalaenopsis");
    take(
        "bay-1",
        celsius(hour.minus(Duration.ofDays(2)), 11),
        celsius(hour.minus(Duration.ofDays(1)), 15),
        new ReadingIntake.Sent(hour, Gauge.HUMIDITY, 33.0));
    atBay("1 Nov 2026");
    Measured measured = keepers.as(keeper, () -> sensors.measured()).get(bay.id());
    assertThat(measured.temperature()).isCloseTo(13, within(0.01));
    assertThat(measured.coldest()).isEqualTo(11);
    assertThat(measured.humidity()).isEqualTo(33);
    get(keeper, "/plants/" + plant.id() + "/diagnose")
        .andExpect(content().string(containsString("read at Bay over the last weeks")));
  }

  @Test
  void singleReadingsThinOutAndTheirSumsStay() throws Exception {
    take("bay-1", celsius(hour.minus(Duration.ofDays(500)), 10), celsius(hour, 20));
    atBay("1 Jan 2025");
    post(keeper, "/devices/keep", "days", "3").andExpect(flash().attributeExists("keepProblem"));
    post(keeper, "/devices/keep", "days", "many").andExpect(flash().attributeExists("keepProblem"));
    post(keeper, "/devices/keep", "days", "300").andExpect(flash().attributeExists("said"));
    get(keeper, "/devices").andExpect(content().string(containsString("value=\"300\"")));
    store.thin(clock.instant());
    assertThat(
            jdbc.sql("select count(*) from air_reading where device_id = ?")
                .param(device())
                .query(Integer.class)
                .single())
        .isEqualTo(1);
    assertThat(
            jdbc.sql("select count(*) from air_day where device_id = ?")
                .param(device())
                .query(Integer.class)
                .single())
        .isEqualTo(2);
  }

  @Test
  void aDeviceIsCalledAndTakenOut() throws Exception {
    take("bay-1", celsius(hour, 20));
    post(keeper, "/devices/" + device() + "/name", "name", "Old thermometer");
    get(keeper, "/devices").andExpect(content().string(containsString("Old thermometer")));
    post(keeper, "/devices/" + device() + "/name", "name", " ")
        .andExpect(flash().attributeExists("problem"));
    post(keeper, "/devices/" + device() + "/remove").andExpect(flash().attributeExists("said"));
    assertThat(keepers.as(keeper, () -> sensors.devices())).isEmpty();
  }

  @Test
  void lightThatIsReadRoundTheClockTellsTheDay() {
    Instant from = Keepers.NOW.minus(Duration.ofDays(5));
    List<ReadingIntake.Sent> lux = new ArrayList<>();
    List<ReadingIntake.Sent> byDayOnly = new ArrayList<>();
    for (int hour = 0; hour < 120; hour++) {
      Instant at = from.plus(Duration.ofHours(hour));
      boolean day = at.atZone(ZoneOffset.UTC).getHour() / 8 == 1;
      lux.add(new ReadingIntake.Sent(at, Gauge.LUX, day ? 9000.0 : 0.0));
      if (day) {
        byDayOnly.add(new ReadingIntake.Sent(at, Gauge.PPFD, 200.0));
      }
    }
    keepers.as(keeper, () -> intake.take("meter", lux));
    belongs("meter", bay, from);
    assertThat(keepers.as(keeper, sensors::measured).get(bay.id()).dli())
        .isCloseTo(9000 * 0.0185 * 8 * 0.0036, within(0.3));
    PlaceView other = keepers.place(keeper, "Other", PlaceKind.INDOOR);
    keepers.as(keeper, () -> intake.take("daily", byDayOnly));
    belongs("daily", other, from);
    assertThat(keepers.as(keeper, sensors::measured).get(other.id()).dli()).isNull();
  }

  @Test
  void thePaneThatWasReadIsKeptAsItsColdest() {
    keepers.as(
        keeper,
        () ->
            intake.take(
                "pane",
                List.of(
                    new ReadingIntake.Sent(Keepers.NOW.minusSeconds(7200), Gauge.GLASS, 4.0),
                    new ReadingIntake.Sent(Keepers.NOW.minusSeconds(3600), Gauge.GLASS, 9.0))));
    belongs("pane", bay, Keepers.NOW.minusSeconds(90_000));
    assertThat(keepers.as(keeper, sensors::measured).get(bay.id()).pane()).isEqualTo(4.0);
  }

  @Test
  void aDeviceOnAStandTellsOfThatStandFromADayOn() throws Exception {
    String place = "/places/" + bay.id();
    post(keeper, place + "/light", "faces", "180", "distance", "15 cm", "outside", "OPEN");
    post(keeper, place + "/spots", "name", "shelf", "across", "200", "back", "100");
    Long shelf =
        jdbc.sql("select id from place_spot where place_id = ?")
            .param(bay.id())
            .query(Long.class)
            .single();
    Instant from = Keepers.NOW.minus(Duration.ofDays(5));
    List<ReadingIntake.Sent> light = new ArrayList<>();
    for (int hour = 0; hour < 120; hour++) {
      light.add(new ReadingIntake.Sent(from.plus(Duration.ofHours(hour)), Gauge.PPFD, 50.0));
    }
    keepers.as(keeper, () -> intake.take("meter", light));
    post(
            keeper,
            "/devices/" + device() + "/place",
            "place",
            bay.id() + ":" + shelf,
            "since",
            "15 Nov 2026")
        .andExpect(flash().attributeExists("said"));
    assertThat(keepers.as(keeper, sensors::dli).get(new SensorService.Stand(bay.id(), shelf)))
        .isCloseTo(50 * 0.0864, within(0.01));
    assertThat(keepers.as(keeper, sensors::measured).get(bay.id()).dli()).isNull();
    get(keeper, "/devices").andExpect(content().string(containsString("Bay · shelf")));
    post(keeper, "/devices/" + device() + "/place", "place", bay.id() + ":999999")
        .andExpect(flash().attributeExists("problem"));
  }
}
