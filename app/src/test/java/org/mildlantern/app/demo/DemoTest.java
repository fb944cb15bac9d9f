package org.mildlantern.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.DemoDoor;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.quarantine.QuarantineService;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.core.knowledge.Taxon;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class DemoTest {
  @Autowired Keepers keepers;
  @Autowired KeeperService service;
  @Autowired PlantService plants;
  @Autowired CaseService cases;
  @Autowired JournalService journal;
  @Autowired DemoShift shift;
  @Autowired QuarantineService quarantines;
  @Autowired RoundService rounds;

  private SignedIn demo() {
    return service.byEmail(DemoDoor.EMAIL).orElseThrow();
  }

  @Test
  void holdsThirtyPlantsOfAllGroupsAYearOfRecordsAndOpenStories() {
    SignedIn demo = demo();
    List<PlantView> all = keepers.as(demo, plants::kept);
    assertThat(all).hasSizeGreaterThanOrEqualTo(30);
    assertThat(
            all.stream()
                .flatMap(p -> p.kind().taxon().stream())
                .map(Taxon::group)
                .collect(Collectors.toSet()))
        .containsExactlyInAnyOrder("orchid", "bromeliad", "bonsai", "carnivorous", "potted");
    assertThat(keepers.as(demo, () -> cases.open())).hasSizeGreaterThanOrEqualTo(3);
    LocalDate today = Keepers.TODAY;
    assertThat(keepers.as(demo, () -> journal.between(today.minusDays(366), today.minusDays(300))))
        .hasSizeGreaterThan(50);
  }

  @Test
  void holdsAMiteCaseOnItsWayWithTheClockStartedAgainByAFind() {
    SignedIn demo = demo();
    PlantView alocasia =
        keepers.as(demo, plants::kept).stream()
            .filter(p -> p.code().equals("2025-013"))
            .findFirst()
            .orElseThrow();
    var clock = keepers.as(demo, () -> quarantines.of(alocasia)).orElseThrow();
    assertThat(clock.clock().reset()).isTrue();
    assertThat(clock.remaining().daysLeft()).isBetween(15, 28);
    assertThat(keepers.as(demo, () -> rounds.round(Keepers.TODAY.plusDays(3))).stops())
        .flatExtracting(stop -> stop.items().stream().map(i -> i.task()).toList())
        .contains("treat");
  }

  @Test
  void laterStartsShiftEveryDateAndKeepTheRest() {
    SignedIn demo = demo();
    LocalDate look = dueOn(demo);
    PlantView before = keepers.as(demo, plants::kept).get(0);
    keepers.as(demo, () -> shifted(5, demo));
    PlantView after = keepers.as(demo, () -> plants.find(before.id()).orElseThrow());
    assertThat(after.arrivedOn()).isEqualTo(before.arrivedOn().plusDays(5));
    assertThat(after.name()).isEqualTo(before.name());
    assertThat(dueOn(demo)).isEqualTo(look.plusDays(5));
    keepers.as(demo, () -> shifted(-5, demo));
    assertThat(dueOn(demo)).isEqualTo(look);
  }

  private Object shifted(int days, SignedIn demo) {
    shift.by(days, demo);
    return null;
  }

  private LocalDate dueOn(SignedIn demo) {
    return keepers.as(demo, () -> cases.open()).values().stream()
        .filter(c -> c.cause().id().equals("spider-mites"))
        .map(CaseView::dueOn)
        .findFirst()
        .orElseThrow();
  }
}
