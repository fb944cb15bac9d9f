package org.mildlantern.app.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtStart;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.ResultActions;

class CalendarTest extends WebCase {
  @Autowired TestClock clock;
  @Autowired CalendarFile file;
  @Autowired CalendarService calendars;

  private SignedIn keeper;
  private PlantView coleus;

  @BeforeEach
  void aPlantThatDrinks() {
    keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    coleus = keepers.plant(keeper, sill, "Coleus scutellarioides");
    keepers.note(keeper, coleus.id(), "watered through");
  }

  @AfterEach
  void backToNow() {
    clock.reset();
  }

  private String address(String... hour) throws Exception {
    return post(keeper, "/settings/calendar", hour)
        .andReturn()
        .getFlashMap()
        .get("address")
        .toString()
        .replaceFirst("http://[^/]+", "");
  }

  private ResultActions fetch(String address) throws Exception {
    return web.perform(
        request(HttpMethod.GET, address)
            .with(
                sent -> {
                  sent.setRemoteAddr("10.3.0." + keeper.keeperId() % 250);
                  return sent;
                }));
  }

  private static List<VEvent> events(String text) throws Exception {
    Calendar calendar = new CalendarBuilder().build(new StringReader(text));
    calendar.validate();
    return calendar.getComponents(Component.VEVENT);
  }

  private List<VEvent> fetched(String address) throws Exception {
    return events(fetch(address).andReturn().getResponse().getContentAsString());
  }

  private static String value(VEvent event, String name) {
    return event.getRequiredProperty(name).getValue();
  }

  @Test
  void aProgramReadsTheWorkAheadByItsAddressAlone() throws Exception {
    String address = address();
    fetch(address)
        .andExpect(status().isOk())
        .andExpect(content().contentType("text/calendar;charset=utf-8"))
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("BEGIN:VCALENDAR\r\n"), containsString("pot to look at"))));
    List<VEvent> events = fetched(address);
    assertThat(events).isNotEmpty();
    assertThat(value(events.get(0), "DESCRIPTION"))
        .contains("Coleus scutellarioides", coleus.code(), "Sill");
    assertThat(value(events.get(0), "URL")).contains("/today?day=");
    assertThat(value(events.get(0), "STATUS")).isEqualTo("CONFIRMED");
    fetch("/calendar/guessed.ics").andExpect(status().isNotFound());
    fetch(address.replace(".ics", "/../../plants")).andExpect(status().is4xxClientError());
  }

  @Test
  void theSameWorkIsTheSameEventAndAChangeIsCounted() throws Exception {
    String address = address();
    VEvent first = fetched(address).get(0);
    VEvent again = fetched(address).get(0);
    assertThat(value(again, "UID")).isEqualTo(value(first, "UID"));
    assertThat(value(again, "SEQUENCE")).isEqualTo("0");
    assertThat(value(again, "DTSTAMP")).isEqualTo(value(first, "DTSTAMP"));
    PlantView second = keepers.plant(keeper, coleus.place(), "Coleus scutellarioides");
    keepers.note(keeper, second.id(), "watered through");
    VEvent changed =
        fetched(address).stream()
            .filter(event -> value(event, "UID").equals(value(first, "UID")))
            .findFirst()
            .orElseThrow();
    assertThat(value(changed, "SEQUENCE")).isEqualTo("1");
    assertThat(value(changed, "SUMMARY")).isEqualTo("2 pots to look at");
  }

  @Test
  void whatIsCalledOffIsSaidUntilItsDayAndThenForgotten() throws Exception {
    String address = address();
    VEvent first = fetched(address).get(0);
    post(keeper, "/plants/" + coleus.id() + "/archive", "away", "true");
    VEvent off = fetched(address).get(0);
    assertThat(value(off, "UID")).isEqualTo(value(first, "UID"));
    assertThat(value(off, "STATUS")).isEqualTo("CANCELLED");
    assertThat(value(off, "SEQUENCE")).isEqualTo("1");
    assertThat(value(fetched(address).get(0), "SEQUENCE")).isEqualTo("1");
    clock.forward(Duration.ofDays(70));
    assertThat(fetched(address)).isEmpty();
  }

  @Test
  void theAddressEndsByATapAndByANewOne() throws Exception {
    String first = address();
    String second = address("hour", "7");
    fetch(first).andExpect(status().isNotFound());
    fetch(second).andExpect(status().isOk());
    get(keeper, "/settings/calendar").andExpect(content().string(containsString("begin at 7:00")));
    post(keeper, "/settings/calendar/end");
    fetch(second).andExpect(status().isNotFound());
  }

  @Test
  void whatBeginsAtAnHourDoesSoAcrossTheChangeOfClocks() throws Exception {
    ZoneId london = ZoneId.of("Europe/London");
    Instant now = Instant.parse("2027-03-20T10:00:00Z");
    List<Planned> days =
        List.of(
            new Planned("a", LocalDate.of(2027, 3, 27), "before", "", "/today", 0, now, false),
            new Planned("b", LocalDate.of(2027, 3, 28), "after", "", "/today", 0, now, false));
    String text = file.of(days, london, 18, "http://localhost", 1L);
    assertThat(text)
        .contains(
            "BEGIN:VTIMEZONE", "TZID:Europe/London", "DTSTART;TZID=Europe/London:20270328T180000");
    List<VEvent> events = events(text);
    assertThat(instant(events.get(0))).isEqualTo(Instant.parse("2027-03-27T18:00:00Z"));
    assertThat(instant(events.get(1))).isEqualTo(Instant.parse("2027-03-28T17:00:00Z"));
  }

  private static Instant instant(VEvent event) {
    return ((ZonedDateTime) event.<DtStart<?>>getProperty("DTSTART").orElseThrow().getDate())
        .toInstant();
  }

  @Test
  void oddWordsAreFoldedAndComeBack() throws Exception {
    String words = "a, b; c\\d\n" + "🌱 שלום ".repeat(30) + "\nBEGIN:VEVENT";
    Planned odd =
        new Planned(
            "x", LocalDate.of(2027, 1, 1), "=1+2, \"x\"", words, "/today", 3, Instant.EPOCH, false);
    String text = file.of(List.of(odd), ZoneId.of("UTC"), null, "http://localhost", 1L);
    for (String line : text.split("\r\n")) {
      assertThat(line.getBytes(StandardCharsets.UTF_8).length).as(line).isLessThanOrEqualTo(75);
    }
    assertThat(text.replace("\r\n", "")).doesNotContain("\n");
    List<VEvent> events = events(text);
    assertThat(events).hasSize(1);
    assertThat(value(events.get(0), "DESCRIPTION").replace("\\n", "\n")).isEqualTo(words);
    assertThat(value(events.get(0), "SUMMARY")).isEqualTo("=1+2, \"x\"");
    assertThat(text).contains("DTSTART;VALUE=DATE:20270101");
  }

  @Test
  void restsAndTheEndOfAQuarantineAreEventsOfTheirOwn() throws Exception {
    PlantView sleeper = keepers.plant(keeper, coleus.place(), "Pleione formosana");
    post(keeper, "/plants/" + coleus.id() + "/quarantine", "why", "webs seen");
    String address = address();
    List<VEvent> events = fetched(address);
    VEvent ends = named(events, "quarantine-end-" + coleus.id());
    assertThat(value(ends, "SUMMARY")).isEqualTo("Coleus scutellarioides: its quarantine ends");
    assertThat(value(ends, "DTSTART")).isEqualTo("20261221");
    assertThat(value(ends, "DESCRIPTION")).contains("webs seen");
    VEvent rest = named(events, "rest-" + sleeper.id());
    assertThat(value(rest, "SUMMARY")).contains("Pleione formosana").containsIgnoringCase("rest");
    assertThat(events)
        .extracting(event -> value(event, "UID"))
        .doesNotHaveDuplicates()
        .filteredOn(uid -> uid.startsWith("rest-"))
        .hasSize(1);
    post(keeper, "/plants/" + coleus.id() + "/quarantine/leave", "why", "nothing found");
    assertThat(value(named(fetched(address), "quarantine-end-" + coleus.id()), "STATUS"))
        .isEqualTo("CANCELLED");
  }

  private static VEvent named(List<VEvent> events, String uid) {
    return events.stream()
        .filter(event -> value(event, "UID").startsWith(uid))
        .findFirst()
        .orElseThrow();
  }
}
