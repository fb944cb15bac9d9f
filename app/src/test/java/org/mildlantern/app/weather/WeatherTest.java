package org.mildlantern.app.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;

import com.sun.net.httpserver.HttpServer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.air.ClimateYear;
import org.mildlantern.core.air.Forecast;
import org.mildlantern.core.air.Nights;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockMultipartFile;

class WeatherTest extends WebCase {
  @Autowired ForecastStore store;
  @Autowired ForecastReader reader;
  @Autowired ForecastService forecasts;
  @Autowired ClimateService climate;
  @Autowired Clock clock;
  @Autowired JdbcClient jdbc;

  private SignedIn keeper;
  private PlaceView yard;
  private LocalDate today;
  private double latitude;

  @BeforeEach
  void aYard() {
    jdbc.sql("delete from forecast").update();
    keeper = keepers.make();
    yard = keepers.place(keeper, "Yard", PlaceKind.OUTDOOR);
    today = keepers.as(keeper, () -> LocalDate.ofInstant(clock.instant(), keeper.zone()));
    latitude = keeper.latitude();
  }

  private void comes(double low, double high) {
    comes(low, high, clock.instant());
  }

  private void comes(double low, double high, Instant at) {
    store.keep(
        ForecastStore.near(latitude),
        new Forecast(
            at,
            List.of(
                new Forecast.Day(today.plusDays(1), 6, 11),
                new Forecast.Day(today.plusDays(2), low, high))),
        at);
  }

  @Test
  void frostAheadStandsOnTheRoundUntilThePlantIsSafe() throws Exception {
    PlantView tender = keepers.plant(keeper, yard, "Ficus microcarpa");
    keepers.plant(keeper, yard, "Juniperus chinensis");
    get(keeper, "/weather").andExpect(content().string(containsString("No forecast has come yet")));
    comes(-4, 2);
    get(keeper, "/today")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("bring it in or cover it"),
                        containsString("which it bears"))));
    get(keeper, "/weather")
        .andExpect(
            content()
                .string(
                    allOf(containsString("Ficus"), not(containsString("Juniperus</a> <span")))));
    post(keeper, "/plants/" + tender.id() + "/safe", "day", today.plusDays(1).toString());
    post(keeper, "/plants/" + tender.id() + "/safe", "day", today.plusDays(2).toString())
        .andExpect(redirectedUrl("/today"));
    assertThat(keepers.as(keeper, () -> forecasts.dangers())).isEmpty();
    post(keeper, "/weather/undo").andExpect(redirectedUrl("/weather"));
    assertThat(keepers.as(keeper, () -> forecasts.dangers())).hasSize(1);
  }

  @Test
  void severalOfAPlaceAreOneRow() throws Exception {
    PlantView one = keepers.plant(keeper, yard, "Ficus microcarpa");
    PlantView other = keepers.plant(keeper, yard, "Crassula ovata");
    comes(-4, 2);
    post(
            keeper,
            "/places/" + yard.id() + "/safe?day=" + today.plusDays(2),
            "plants",
            one.id() + "," + other.id(),
            "but",
            "" + other.id())
        .andExpect(redirectedUrl("/today"));
    assertThat(keepers.as(keeper, () -> forecasts.dangers()))
        .filteredOn(danger -> danger.day().equals(today.plusDays(2)))
        .extracting(danger -> danger.plant().id())
        .doesNotContain(one.id());
  }

  @Test
  void heatIsWarnedOfAndRoomsAreNot() {
    PlantView cool = keepers.plant(keeper, yard, "Dionaea muscipula");
    PlaceView room = keepers.place(keeper, "Room", PlaceKind.INDOOR);
    keepers.plant(keeper, room, "Dionaea muscipula");
    comes(20, 41);
    assertThat(keepers.as(keeper, () -> forecasts.dangers()))
        .singleElement()
        .satisfies(
            danger -> {
              assertThat(danger.plant().id()).isEqualTo(cool.id());
              assertThat(danger.of().harm()).isEqualTo(Nights.Harm.HEAT);
            });
  }

  @Test
  void anOldForecastWarnsOfNothing() {
    keepers.plant(keeper, yard, "Ficus microcarpa");
    comes(-4, 2, clock.instant().minus(Duration.ofDays(3)));
    assertThat(keepers.as(keeper, () -> forecasts.dangers())).isEmpty();
  }

  @Test
  void whatCannotBeIsLeftOut() {
    assertThat(
            reader.read(
                "{\"issued\":\"2026-11-27T06:00:00Z\",\"days\":["
                    + "{\"day\":\"2026-11-28\",\"low\":1,\"high\":4},"
                    + "{\"day\":\"2026-11-29\",\"low\":999,\"high\":999},"
                    + "{\"day\":\"2026-11-30\",\"low\":\"cold\",\"high\":4}]}"))
        .hasValueSatisfying(forecast -> assertThat(forecast.days()).hasSize(1));
    for (String bad :
        List.of(
            "",
            "{",
            "[]",
            "{\"issued\":\"soon\",\"days\":[]}",
            "{\"issued\":\"2026-11-27T06:00:00Z\",\"days\":[]}",
            "{\"issued\":\"2026-11-27T06:00:00Z\",\"days\":[{\"day\":\"x\",\"low\":1,\"high\":2}]}")) {
      assertThat(reader.read(bad)).isEmpty();
    }
  }

  @Test
  void theLastGoodForecastStaysWhileTheServiceIsOut() throws Exception {
    AtomicReference<String> answer =
        new AtomicReference<>(
            "{\"issued\":\"2026-11-27T06:00:00Z\",\"days\":[{\"day\":\"2026-11-28\",\"low\":-1,\"high\":4}]}");
    HttpServer service =
        HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 4);
    service.createContext(
        "/",
        exchange -> {
          byte[] body = answer.get().getBytes(StandardCharsets.UTF_8);
          exchange.sendResponseHeaders(
              body.length == 0 ? 503 : 200, body.length == 0 ? -1 : body.length);
          exchange.getResponseBody().write(body);
          exchange.close();
        });
    service.start();
    try {
      String address = "http://127.0.0.1:" + service.getAddress().getPort() + "/forecast";
      WeatherAddress from = new WeatherAddress(address);
      new ForecastPoll(from, store, reader, clock).poll();
      assertThat(store.of(latitude)).isPresent();
      Instant fetched = store.of(latitude).orElseThrow().at();
      answer.set("");
      new ForecastPoll(from, store, reader, Clock.offset(clock, Duration.ofHours(2))).poll();
      assertThat(store.of(latitude).orElseThrow().at()).isEqualTo(fetched);
    } finally {
      service.stop(0);
    }
    new ForecastPoll(new WeatherAddress(""), store, reader, clock).poll();
  }

  @Test
  void aWeatherFileTellsTheYearAndAFarOneIsAsked() throws Exception {
    for (String[] sent :
        new String[][] {
          {"LOCATION,Far,-,X,x,0,-35,1,0,0", "month 1 has too few hours"}, {"hello", "LOCATION"}
        }) {
      web.perform(
              multipart("/weather/climate")
                  .file(new MockMultipartFile("file", "a.epw", "text/plain", sent[0].getBytes()))
                  .with(user(keeper))
                  .with(csrf()))
          .andExpect(flash().attribute("problem", containsString(sent[1])));
    }
    post(keeper, "/weather/climate").andExpect(flash().attributeExists("problem"));
    ClimateYear.Month month = new ClimateYear.Month(25, 21, 60, 0.7);
    double before = keepers.as(keeper, () -> climate.here()).air(today).celsius();
    jdbc.sql(
            "insert into own_climate (collection_id, name, months)"
                + " select ?, 'Elsewhere', jsonb_agg(jsonb_build_object('celsius', 25, 'low', 21,"
                + " 'humidity', 60, 'clearness', 0.7)) from generate_series(1, 12)")
        .param(keeper.collectionId())
        .update();
    assertThat(keepers.as(keeper, () -> climate.here()).months()).containsOnly(month);
    get(keeper, "/weather").andExpect(content().string(containsString("Elsewhere")));
    post(keeper, "/weather/climate/remove");
    assertThat(keepers.as(keeper, () -> climate.here()).air(today).celsius()).isEqualTo(before);
  }

  @Test
  void whatGoesOutOrComesInGetsUsedToItsNightsByDays() throws Exception {
    PlaceView room = keepers.place(keeper, "Room", PlaceKind.INDOOR);
    PlantView out = keepers.plant(keeper, room, "Juniperus chinensis");
    PlantView in = keepers.plant(keeper, yard, "Juniperus chinensis");
    keepers.note(keeper, out.id(), "moved to Yard");
    keepers.note(keeper, in.id(), "moved to Room");
    get(keeper, "/today")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("bring it in for the nights until"),
                        containsString("keep it in the coolest spot until"))));
  }
}
