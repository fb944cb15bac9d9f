package org.mildlantern.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class LogReaderTest {
  private static final ZonedDateTime NOW = ZonedDateTime.parse("2026-11-23T10:00:00Z");

  private static Sheet sheet(String... lines) {
    return LogReader.layOut(Stream.of(lines).map(line -> List.of(line.split("\\|", -1))).toList());
  }

  private static LogReader reader(Sheet sheet) {
    return new LogReader(sheet, Map.of(), null, NOW);
  }

  private static LogRow row(String headings, String cells) {
    Sheet sheet = sheet(headings, cells);
    return reader(sheet).read(sheet).get(0);
  }

  @Test
  void aRowIsADayAPlantAndWhatWasDone() {
    LogRow row =
        row("Date|Plant|Action|Amount (ml)|Notes", "12 May 2026|Coleus|Watered|120|new leaf");
    assertThat(row.problem()).isNull();
    assertThat(row.day()).isEqualTo(LocalDate.of(2026, 5, 12));
    assertThat(row.plant()).isEqualTo("Coleus");
    assertThat(row.lines()).containsExactly("Watered 120 ml", "new leaf");
  }

  @Test
  void aTreatmentIsSaidInTheOrderOfALine() {
    assertThat(row("Date|Code|Product|Rate|Pest", "2026-05-12|A1|soap|5 ml/l|mites").lines())
        .containsExactly("sprayed with soap 5 ml/l against mites");
    assertThat(row("Date|Code|Against", "2026-05-12|A1|scale").lines())
        .containsExactly("treated against scale");
    assertThat(row("Date|Code|Action|Product", "2026-05-12|A1|drenched|neem").lines())
        .containsExactly("drenched with neem");
    assertThat(row("Date|Code|Problem|Outcome", "2026-05-12|A1|Root rot|lost").lines())
        .containsExactly("Root rot: lost");
  }

  @Test
  void tablesThatGoOutOfHereComeInAgain() {
    LogRow log =
        row("Code|Name|When|Kind|Words", "A1|Fern|2026-05-12 18:30|WATERED|Watered 120 ml");
    assertThat(log.lines()).containsExactly("Watered 120 ml");
    assertThat(log.time()).isEqualTo(LocalTime.of(18, 30));
    LogRow weight =
        row("Device|Code|When|Measured|Value", "|A1|2026-05-12 18:30:07|WEIGHED|Weighed 512 g");
    assertThat(weight.lines()).containsExactly("Weighed 512 g");
    LogRow treated =
        row(
            "Code|Name|Against|Planned|State|Done|Means|Rate",
            "A1|Fern|spider-mites|2026-05-10|DONE|2026-05-12|soap|5 ml/l");
    assertThat(treated.day()).isEqualTo(LocalDate.of(2026, 5, 12));
    assertThat(treated.lines()).containsExactly("sprayed with soap 5 ml/l against spider-mites");
    assertThat(row("Case|Code|Name|Cause|Opened|Closed", "1|A1|Fern|too-dry|2026-05-12|").lines())
        .containsExactly("too-dry");
  }

  @Test
  void weightsAndClockTimesAreRead() {
    LogRow row = row("Day|Time|Tag|Weight [g]", "2026-05-12|7:05 pm|A1|512,5");
    assertThat(row.time()).isEqualTo(LocalTime.of(19, 5));
    assertThat(row.lines()).containsExactly("weighed 512,5 g");
    assertThat(row("Date|Tag|Weight", "2026-05-12T06:30:00|A1|512 g").time())
        .isEqualTo(LocalTime.of(6, 30));
    assertThat(row("Day|Time|Tag|Weight", "2026-05-12|noonish|A1|5").problem())
        .contains("no time of the day");
    assertThat(row("Day|Time|Tag|Weight", "2026-05-12|25:10|A1|5").problem()).isNotNull();
  }

  @Test
  void aDayThatCanBeReadInTwoWaysIsAskedUnlessAnotherShowsIt() {
    Sheet open = sheet("Date|Tag|What", "5/6/2026|A1|watered");
    assertThat(reader(open).asksOrder(open)).isTrue();
    assertThat(reader(open).read(open).get(0).problem()).contains("is the day first");
    LogReader said = new LogReader(open, Map.of(), DayOrder.MONTH_FIRST, NOW);
    assertThat(said.read(open).get(0).day()).isEqualTo(LocalDate.of(2026, 5, 6));
    Sheet shown = sheet("Date|Tag|What", "5/6/2026|A1|watered", "25/6/2026|A1|watered");
    assertThat(reader(shown).asksOrder(shown)).isFalse();
    assertThat(reader(shown).read(shown).get(0).day()).isEqualTo(LocalDate.of(2026, 6, 5));
  }

  @Test
  void whatIsMissingIsSaid() {
    assertThat(row("Date|Tag|What", "|A1|watered").problem()).isEqualTo("no day");
    assertThat(row("Date|Tag|What", "soon|A1|watered").problem()).contains("no day that can");
    assertThat(row("Date|Tag|What", "2027-01-01|A1|watered").problem()).contains("not come yet");
    assertThat(row("Date|Tag|What", "May 2026|A1|watered").problem()).contains("only about when");
    assertThat(row("Date|Tag|What", "2026-05-12||watered").problem()).isEqualTo("no plant");
    assertThat(row("Date|Tag|What", "2026-05-12|A1|").problem()).contains("nothing was done");
  }

  @Test
  void theKeeperSaysWhatColumnsHoldAndASecondOfAKindBecomesWords() {
    Sheet sheet = sheet("x|y|z|Action|Event", "2026-05-12|A1|half a cup|watered|in bud");
    LogReader reader =
        new LogReader(
            sheet, Map.of(0, LogColumn.DAY, 1, LogColumn.CODE, 2, LogColumn.AMOUNT), null, NOW);
    assertThat(reader.columns())
        .containsExactly(
            LogColumn.DAY, LogColumn.CODE, LogColumn.AMOUNT, LogColumn.WHAT, LogColumn.NOTE);
    assertThat(reader.read(sheet).get(0).lines()).containsExactly("watered half a cup", "in bud");
  }

  @Test
  void aTableWithoutHeadingsIsKeptWhole() {
    Sheet sheet = sheet("2026-05-12|A1|watered", "2026-05-13|A1|fed");
    assertThat(sheet.rows()).hasSize(2);
    assertThat(reader(sheet).columns()).containsOnly(LogColumn.UNUSED);
  }
}
