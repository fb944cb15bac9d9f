package org.mildlantern.app.keeper;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

@AppTest
class CollectionMemoTest {
  @Autowired CollectionMemo memo;
  @Autowired Keepers keepers;
  @Autowired TestClock clock;
  @Autowired JdbcClient jdbc;

  private final AtomicInteger worked = new AtomicInteger();
  private SignedIn keeper;
  private PlantView plant;

  @BeforeEach
  void aPlant() {
    keeper = keepers.make();
    plant = keepers.plant(keeper, keepers.place(keeper, "Sill", PlaceKind.INDOOR), "Phalaenopsis");
    page("GET");
    page("GET");
    assertThat(worked).hasValue(1);
  }

  @AfterEach
  void noRequest() {
    RequestContextHolder.resetRequestAttributes();
    clock.reset();
  }

  private void page(String method) {
    RequestContextHolder.setRequestAttributes(
        new ServletRequestAttributes(new MockHttpServletRequest(method, "/today")));
    keepers.as(keeper, () -> memo.once("work", worked::incrementAndGet));
    RequestContextHolder.resetRequestAttributes();
  }

  @Test
  void anyChangeOfTheCollectionAsksForNewWork() {
    keepers.note(keeper, plant.id(), "watered 200");
    page("GET");
    assertThat(worked).hasValue(2);
    jdbc.sql("update plant set notes = 'from elsewhere' where id = ?").param(plant.id()).update();
    page("GET");
    assertThat(worked).hasValue(3);
    jdbc.sql("delete from entry where plant_id = ?").param(plant.id()).update();
    page("GET");
    assertThat(worked).hasValue(4);
    jdbc.sql("update collection set latitude = 1 where id = ?")
        .param(keeper.collectionId())
        .update();
    page("GET");
    assertThat(worked).hasValue(5);
  }

  @Test
  void anotherDayTooButNotAnotherCollection() {
    SignedIn other = keepers.make();
    keepers.place(other, "Sill", PlaceKind.INDOOR);
    page("GET");
    assertThat(worked).hasValue(1);
    clock.forward(Duration.ofDays(1));
    page("GET");
    assertThat(worked).hasValue(2);
  }

  private int worksOf(CollectionMemo.From from) {
    AtomicInteger works = new AtomicInteger();
    for (int i = 0; i < 2; i++) {
      RequestContextHolder.setRequestAttributes(
          new ServletRequestAttributes(new MockHttpServletRequest("GET", "/plants")));
      keepers.as(keeper, () -> memo.once(from, "work of " + from, () -> works.incrementAndGet()));
      RequestContextHolder.resetRequestAttributes();
    }
    return works.get();
  }

  @Test
  void aDrinkLeavesPlantsAndCasesAsTheyAre() {
    assertThat(worksOf(CollectionMemo.From.GROUND)).isEqualTo(1);
    assertThat(worksOf(CollectionMemo.From.CASES)).isEqualTo(1);
    keepers.note(keeper, plant.id(), "watered 200");
    assertThat(worksOf(CollectionMemo.From.GROUND)).isZero();
    assertThat(worksOf(CollectionMemo.From.CASES)).isZero();
  }

  @Test
  void aMoveAPlaceAndAPlantAskForPlantsAnew() {
    for (String change :
        List.of(
            "update plant set notes = 'new' where collection_id = ?",
            "update place set humidity = 61 where collection_id = ?",
            "insert into entry (collection_id, plant_id, at, kind, text, superseded, note)"
                + " select collection_id, id, now(), 'MOVED', 'Moved', false, '{}' from plant"
                + " where collection_id = ?",
            "update entry set superseded = true where kind = 'MOVED' and collection_id = ?")) {
      worksOf(CollectionMemo.From.GROUND);
      jdbc.sql(change).param(keeper.collectionId()).update();
      assertThat(worksOf(CollectionMemo.From.GROUND)).as(change).isEqualTo(1);
      assertThat(worksOf(CollectionMemo.From.CASES)).as(change).isEqualTo(1);
    }
  }

  @Test
  void aCaseAsksForCasesAlone() {
    worksOf(CollectionMemo.From.GROUND);
    worksOf(CollectionMemo.From.CASES);
    jdbc.sql(
            "insert into plant_case (collection_id, number, plant_id, cause_id, probability,"
                + " opened_on, learned) values (?, 1, ?, 'too-dry', 0.5, current_date, '')")
        .param(keeper.collectionId())
        .param(plant.id())
        .update();
    assertThat(worksOf(CollectionMemo.From.GROUND)).isZero();
    assertThat(worksOf(CollectionMemo.From.CASES)).isEqualTo(1);
  }

  @Test
  void aPostThatIsDoneWithReadsWhatIsKept() {
    MockHttpServletRequest post = new MockHttpServletRequest("POST", "/plants/new");
    post.setAttribute(Web.HANDLED, true);
    RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(post));
    keepers.as(keeper, () -> memo.once("work", worked::incrementAndGet));
    assertThat(worked).hasValue(1);
  }

  @Test
  void ofManyValuesTheLastAreKept() {
    AtomicInteger works = new AtomicInteger();
    for (int i = 0; i < 120; i++) {
      int page = i % 60;
      RequestContextHolder.setRequestAttributes(
          new ServletRequestAttributes(new MockHttpServletRequest("GET", "/plants/" + page)));
      keepers.as(keeper, () -> memo.lately("page " + page, works::incrementAndGet));
      keepers.as(keeper, () -> memo.lately("page " + page, works::incrementAndGet));
    }
    assertThat(works).hasValue(120);
  }

  @Test
  void whatMayWriteWorksForItself() {
    page("POST");
    page("POST");
    assertThat(worked).hasValue(3);
  }

  @Test
  void everyTableOfACollectionTells() {
    assertThat(
            jdbc.sql(
                    "select c.table_name from information_schema.columns c where"
                        + " c.column_name = 'collection_id' and c.table_schema = 'public'"
                        + " and c.table_name not in"
                        + " ('pot_state', 'round_answer', 'collection_pulse', 'archive_out', 'handover', 'log_import',"
                        + " 'archive_in', 'calendar_feed', 'calendar_event', 'reminder',"
                        + " 'stand_in_letter', 'sent_once')"
                        + " and not exists (select 1 from information_schema.triggers t"
                        + " where t.event_object_table = c.table_name and t.trigger_name = 'pulse')")
                .query(String.class)
                .list())
        .isEmpty();
  }
}
