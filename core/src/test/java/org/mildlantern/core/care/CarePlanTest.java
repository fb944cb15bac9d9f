package org.mildlantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Hold;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.season.Stage;

class CarePlanTest {
  private static final LocalDate JULY = LocalDate.of(2026, 7, 1);

  private final Knowledge knowledge = Library.shipped().knowledge();

  private CarePlan plan(String cause, String form, LocalDate day) {
    Cause found = knowledge.causes().find(cause).orElseThrow();
    return CarePlan.first(found, patient(Kinds.form(form)), day, 53);
  }

  private PlantNow patient(Kind kind) {
    return new PlantNow(kind, Stage.GROWTH, knowledge);
  }

  @Test
  void aSlowFormIsGivenLonger() {
    assertThat(plan("too-wet", "leafy-stem", JULY).lookOn()).isEqualTo(JULY.plusDays(14));
    assertThat(plan("too-wet", "monopodial-orchid", JULY).lookOn()).isEqualTo(JULY.plusDays(28));
  }

  @Test
  void winterIsGivenLonger() {
    LocalDate january = LocalDate.of(2026, 1, 10);
    assertThat(plan("too-wet", "leafy-stem", january).lookOn()).isEqualTo(january.plusDays(21));
  }

  @Test
  void aPestRunsAtItsOwnSpeedOnAnyPlant() {
    assertThat(plan("spider-mites", "monopodial-orchid", JULY).lookOn())
        .isEqualTo(plan("spider-mites", "leafy-stem", JULY).lookOn());
  }

  @Test
  void sayWhatNotToDoMeanwhile() {
    CarePlan plan = plan("roots-lost", "monopodial-orchid", JULY);
    assertThat(plan.holds()).contains(Hold.FEED, Hold.SUN);
    assertThat(plan.cause().better()).isNotBlank();
    assertThat(plan.cause().worse()).isNotBlank();
    assertThat(plan.lookWorking().steps()).hasSize(3);
  }

  @Test
  void everyCauseYieldsAPlanOnEveryFormItStrikes() {
    knowledge
        .forms()
        .forEach(
            form ->
                knowledge
                    .causesFor(form)
                    .forEach(
                        cause ->
                            assertThat(
                                    CarePlan.first(cause, patient(knowledge.kind(form)), JULY, 53)
                                        .lookOn())
                                .as(cause.id())
                                .isAfter(JULY)));
  }

  @Test
  void aSecondChangeInsideTheWindowConfounds() {
    ChangeWindow window = new ChangeWindow(JULY, JULY.plusDays(14));
    assertThat(window.confoundedBy(JULY)).isTrue();
    assertThat(window.confoundedBy(JULY.plusDays(13))).isTrue();
    assertThat(window.confoundedBy(JULY.plusDays(14))).isFalse();
    assertThat(window.confoundedBy(JULY.minusDays(1))).isFalse();
    assertThatThrownBy(() -> new ChangeWindow(JULY, JULY.minusDays(1)))
        .hasMessageContaining("lookOn");
  }

  @Test
  void whatBloomsIsRepottedAfterwardsUnlessItRots() {
    Kind orchid = Kinds.taxon("phalaenopsis");
    LocalDate may = LocalDate.of(2026, 5, 10);
    Cause spent = knowledge.causes().find("spent-medium").orElseThrow();
    CarePlan inBud = CarePlan.first(spent, new PlantNow(orchid, Stage.BUD, knowledge), may, 53);
    assertThat(inBud.change().id()).isEqualTo("wait-for-season");
    assertThat(inBud.advice().later().from()).isNull();
    assertThat(inBud.advice().later().cue()).isEqualTo("once it has flowered");
    assertThat(inBud.lookOn()).isAfter(may);
    CarePlan growing =
        CarePlan.first(spent, new PlantNow(orchid, Stage.GROWTH, knowledge), may, 53);
    assertThat(growing.change().id()).isEqualTo("repot-fresh");
    Cause rot = knowledge.causes().find("root-rot").orElseThrow();
    assertThat(
            CarePlan.first(rot, new PlantNow(orchid, Stage.FLOWER, knowledge), may, 53)
                .change()
                .id())
        .isEqualTo("cut-rot-repot");
  }
}
