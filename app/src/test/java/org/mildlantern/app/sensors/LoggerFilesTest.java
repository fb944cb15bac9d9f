package org.mildlantern.app.sensors;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.air.Gauge;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;

class LoggerFilesTest extends WebCase {
  private static final ZoneId LONDON = ZoneId.of("Europe/London");

  @Autowired ReadingsService readings;

  private SignedIn keeper;
  private PlaceView bay;

  @BeforeEach
  void aBay() {
    keeper = keepers.make();
    bay = keepers.place(keeper, "Bay", PlaceKind.INDOOR);
  }

  private String send(String text) throws Exception {
    return web.perform(
            multipart("/places/" + bay.id() + "/logger-files")
                .file(
                    new MockMultipartFile(
                        "file", "bay.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8)))
                .with(user(keeper))
                .with(csrf()))
        .andReturn()
        .getResponse()
        .getRedirectedUrl();
  }

  private static LoggerTable.Result read(String text) {
    LoggerTable table = LoggerTable.of(text);
    List<LoggerTable.Column> columns = table.guess();
    return table.read(columns, table.order(columns), LONDON);
  }

  @Test
  void columnsAreShownFirstAndThenAllLinesAreTaken() throws Exception {
    String file =
        send(
            "Timestamp,Temp (°C),Humidity %,Battery\n"
                + "2026-11-20 08:00:00,19.5,44,97\n2026-11-20 08:10:00,19.7,45,97\n"
                + "2026-11-20 08:20:00,warm,45,97\nsometime,19.7,45,97\n");
    get(keeper, file)
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("4 readings would be taken"),
                        containsString("warm is no figure"),
                        containsString("sometime is no time"))));
    assertThat(keepers.as(keeper, () -> readings.of(bay.id(), Series.Span.MONTH)).orElseThrow())
        .isEmpty();
    post(keeper, file, "columns", "TIME,CELSIUS,HUMIDITY,NOTHING", "order", "DAY_FIRST")
        .andExpect(redirectedUrl("/places/" + bay.id() + "/readings"));
    assertThat(keepers.as(keeper, () -> readings.of(bay.id(), Series.Span.MONTH)).orElseThrow())
        .extracting(Series::gauge)
        .containsExactly("temperature", "humidity");
    String again = send("Timestamp,Temp (°C),Humidity %,Battery\n2026-11-20 08:00:00,19.5,44,97\n");
    post(keeper, again, "columns", "TIME,CELSIUS,HUMIDITY,NOTHING", "order", "DAY_FIRST")
        .andExpect(flash().attribute("said", containsString("Nothing new, 2 known before")));
  }

  @Test
  void daysThatCanBeReadInTwoWaysAreAsked() throws Exception {
    String file = send("Date,Temp\n03/11/2026 08:00,19\n04/11/2026 08:00,20\n");
    get(keeper, file).andExpect(content().string(containsString("read in two ways")));
    post(keeper, file, "columns", "TIME,CELSIUS")
        .andExpect(flash().attribute("problem", containsString("the day or the month")));
    post(keeper, file, "columns", "NOTHING,CELSIUS", "order", "DAY_FIRST")
        .andExpect(flash().attribute("problem", containsString("which column is the time")));
    post(keeper, file, "columns", "TIME,CELSIUS", "order", "DAY_FIRST")
        .andExpect(redirectedUrl("/places/" + bay.id() + "/readings"));
  }

  @Test
  void manyWaysOfWritingAreRead() {
    Instant eight = Instant.parse("2026-11-20T08:00:00Z");
    for (String line :
        List.of(
            "time;temperature\n2026-11-20T08:00:00Z;19,5",
            "time;temperature\n20.11.2026 08:00;19,5 °C",
            "time\ttemp\n20/11/2026 8:00\t19.5",
            "time,temp\n11/20/2026 8:00 AM,19.5",
            "unix time,temp\n1795161600,19.5",
            "unix time,temp\n1795161600000,19.5",
            "time,temp °F\n2026/11/20 08:00,67.1")) {
      assertThat(read(line).readings())
          .as(line)
          .singleElement()
          .satisfies(
              reading -> {
                assertThat(reading.at()).isEqualTo(eight);
                assertThat(reading.kind()).isEqualTo(Gauge.TEMPERATURE);
                assertThat(reading.value()).isCloseTo(19.5, within(1e-9));
              });
    }
    assertThat(read("time,lux\n2026-11-20 08:00,1e9\n2026-11-20 08:10,999999").bad()).hasSize(2);
    assertThat(read("time,lux\n2026-02-30 08:00,100").bad()).hasSize(1);
  }

  @Test
  void whatIsNoTableIsSaid() throws Exception {
    for (String bad : List.of("", "hello", "time,temp", "\u0000,x\n1,2")) {
      assertThat(send(bad)).isEqualTo("/places/" + bay.id() + "/readings");
    }
    assertThatThrownBy(() -> LoggerTable.of("one line"))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
