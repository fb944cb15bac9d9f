package org.mildlantern.app.today;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.round.PlaceKind;

@AppTest
class MonthTest extends WebCase {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

  @Test
  void weeksAreWholeAndDaysOfOtherMonthsAreEmpty() {
    Month month =
        Month.of(
            YearMonth.of(2026, 11),
            TODAY,
            Map.of(
                LocalDate.of(2026, 11, 1),
                Map.of(Work.POT, 1),
                LocalDate.of(2026, 10, 31),
                Map.of(Work.LOOK, 3)),
            List.of());
    assertThat(month.name()).isEqualTo("November 2026");
    assertThat(month.weeks()).hasSize(6).allSatisfy(week -> assertThat(week).hasSize(7));
    List<Month.Day> first = month.weeks().get(0);
    assertThat(first.get(0).date()).isEqualTo(LocalDate.of(2026, 10, 26));
    assertThat(first.get(5).counts()).isEmpty();
    assertThat(first.get(6).counts()).extracting(Month.Count::words).containsExactly("1 pot");
    assertThat(month.weeks().stream().flatMap(List::stream).filter(Month.Day::today))
        .extracting(Month.Day::date)
        .containsExactly(TODAY);
  }

  @Test
  void allKindsOfWorkHaveWordsInBothNumbers() {
    Arrays.stream(Work.values())
        .forEach(
            work -> {
              assertThat(Month.words(Map.of(work, 1))).startsWith("1 ");
              assertThat(Month.words(Map.of(work, 2)))
                  .startsWith("2 ")
                  .isNotEqualTo(Month.words(Map.of(work, 1)).replace("1 ", "2 "));
            });
  }

  @Test
  void whatIsNoMonthOrTooFarOffIsThisOne() {
    YearMonth now = YearMonth.of(2026, 11);
    assertThat(Month.wished("2026-12", TODAY)).isEqualTo(YearMonth.of(2026, 12));
    for (String text : new String[] {null, "", "2026-13", "soon", "9999-01", "0001-01"}) {
      assertThat(Month.wished(text, TODAY)).isEqualTo(now);
    }
  }

  @Test
  void thePageShowsWorkByDayAndByPlace() throws Exception {
    SignedIn keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    Long plant = keepers.plant(keeper, sill, "Phalaenopsis").id();
    keepers.note(keeper, plant, "watered 100 on 20 Nov");
    get(keeper, "/today/month")
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("November 2026")))
        .andExpect(content().string(containsString("1 pot")))
        .andExpect(content().string(containsString("month=2026-12")));
    get(keeper, "/today/month?month=2026-12").andExpect(content().string(containsString("Sill")));
    get(keepers.make(), "/today/month?month=x").andExpect(status().isOk());
  }
}
