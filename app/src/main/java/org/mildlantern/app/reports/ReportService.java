package org.mildlantern.app.reports;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.photos.PhotoService;
import org.mildlantern.app.photos.PhotoView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.app.web.Pdf;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.words.Words;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Gathers what papers say. */
@Service
@Transactional(readOnly = true)
public class ReportService {
  private static final Words WORDS = Words.of(ReportService.class);

  private static final int ENTRIES = 400;

  private final PlantService plants;
  private final PhotoService photos;
  private final Knowledge knowledge;
  private final JdbcClient jdbc;
  private final Scope scope;

  ReportService(
      PlantService plants, PhotoService photos, Knowledge knowledge, JdbcClient jdbc, Scope scope) {
    this.plants = plants;
    this.photos = photos;
    this.knowledge = knowledge;
    this.jdbc = jdbc;
    this.scope = scope;
  }

  private String about() {
    return WORDS.say("about", scope.keeper().collectionName(), Days.full(scope.today()));
  }

  /** What is kept, for an insurance or for oneself. */
  Report collection() {
    List<List<String>> rows =
        plants.byName().stream()
            .map(
                plant ->
                    List.of(
                        plant.code(),
                        plant.name(),
                        plant.place().name(),
                        plant.pot().words(),
                        plant.arrivedOn() == null ? "" : Days.full(plant.arrivedOn())))
            .toList();
    return new Report(
        WORDS.say("collection"),
        about(),
        List.of(
            new Report.Part(
                WORDS.say("plants", rows.size()),
                List.of("Code", "Name", "Place", "Pot", "Since"),
                rows)),
        "",
        null);
  }

  /** What was treated in some days, with what and at which rate. */
  Report treatments(LocalDate from, LocalDate until) {
    List<List<String>> rows =
        jdbc.sql(
                "select v.answered_on, p.code, p.name, l.name as place, u.pest, coalesce(i.name, v.means) as product,"
                    + " m.rate, m.per, m.made, r.what from treatment_visit v join treatment_course u on u.id ="
                    + " v.course_id join plant p on p.id = u.plant_id join place l on l.id ="
                    + " p.place_id left join mix m on m.visit_id = v.id and m.back_on is null left"
                    + " join cabinet_item i on i.id = m.item_id left join cabinet_rate r on r.item_id = m.item_id and r.used_for = m.used_for"
                    + " where v.collection_id = :c and"
                    + " v.state = 'DONE' and v.answered_on between :from and :until order by"
                    + " v.answered_on, p.code, v.id, m.id")
            .param("c", scope.keeper().collectionId())
            .param("from", from)
            .param("until", until)
            .query((row, n) -> treatment(row))
            .list();
    return new Report(
        WORDS.say("treatments", Days.full(from), Days.full(until)),
        about(),
        List.of(
            new Report.Part(
                WORDS.say("done", rows.size()),
                List.of("Date", "Plant", "Place", "Against", "Product", "Rate", "Mixed"),
                rows)),
        WORDS.say("treatments-note"),
        null);
  }

  private List<String> treatment(ResultSet row) throws SQLException {
    double made = row.getDouble("made");
    boolean mixed = !row.wasNull();
    return List.of(
        Days.full(row.getObject("answered_on", LocalDate.class)),
        row.getString("code") + " " + row.getString("name"),
        row.getString("place"),
        knowledge
            .causes()
            .find(row.getString("pest"))
            .map(Cause::label)
            .orElse(row.getString("pest")),
        row.getString("product").replace(",", ", "),
        Optional.ofNullable(row.getString("rate")).orElse(""),
        mixed ? WORDS.say("ml", made) : "");
  }

  /** A plant with its history, for whoever takes it over; empty when there is no such plant. */
  public Optional<Report> passport(Long id) {
    return plants.find(id).map(this::passport);
  }

  private Report passport(PlantView plant) {
    List<Report.Part> parts = new ArrayList<>();
    parts.add(new Report.Part("", List.of(), facts(plant)));
    parts.add(
        new Report.Part(
            WORDS.say("cases"), List.of("Opened", "What", "Closed", "Came of it"), cases(plant)));
    parts.add(
        new Report.Part(WORDS.say("treated"), List.of("Date", "Against", "With"), treated(plant)));
    parts.add(new Report.Part(WORDS.say("history"), List.of("Date", "What"), history(plant)));
    String picture =
        photos.of(plant.id()).stream()
            .findFirst()
            .map(PhotoView::id)
            .flatMap(photos::image)
            .map(Pdf::source)
            .orElse(null);
    return new Report(
        plant.name(),
        about(),
        parts.stream().filter(part -> !part.rows().isEmpty()).toList(),
        WORDS.say("passport-note"),
        picture);
  }

  private List<List<String>> facts(PlantView plant) {
    List<List<String>> facts = new ArrayList<>();
    facts.add(List.of("Code", plant.code()));
    plant.kind().taxon().ifPresent(taxon -> facts.add(List.of("Kind", taxon.name())));
    if (plant.arrivedOn() != null) {
      facts.add(List.of("Kept since", Days.full(plant.arrivedOn())));
    }
    parentage(plant).ifPresent(words -> facts.add(List.of("Comes from", words)));
    facts.add(List.of("Pot", plant.pot().words()));
    if (plant.mediumWords() != null) {
      facts.add(
          List.of(
              "Medium",
              plant.mediumSince() == null
                  ? plant.mediumWords()
                  : WORDS.say("since", plant.mediumWords(), Days.full(plant.mediumSince()))));
    }
    if (!plant.notes().isBlank()) {
      facts.add(List.of("Notes", plant.notes().strip()));
    }
    return facts;
  }

  private Optional<String> parentage(PlantView plant) {
    return jdbc.sql(
            "select p.code || ' ' || p.name as parent, b.number, b.seed, b.pollen from plant_origin o"
                + " left join plant p on p.id = o.parent_id left join raising_batch b on b.id ="
                + " o.batch_id where o.collection_id = :c and o.plant_id = :p")
        .param("c", scope.keeper().collectionId())
        .param("p", plant.id())
        .query(
            (row, n) ->
                row.getString("seed") != null
                    ? WORDS.say("cross", row.getString("seed"), row.getString("pollen"))
                    : Optional.ofNullable(row.getString("parent")).orElse(""))
        .optional()
        .filter(words -> !words.isEmpty());
  }

  private List<List<String>> cases(PlantView plant) {
    return jdbc.sql(
            "select opened_on, cause_id, closed_on, outcome, learned from plant_case where"
                + " collection_id = :c and plant_id = :p order by opened_on, id")
        .param("c", scope.keeper().collectionId())
        .param("p", plant.id())
        .query(
            (row, n) -> {
              LocalDate closed = row.getObject("closed_on", LocalDate.class);
              return List.of(
                  Days.full(row.getObject("opened_on", LocalDate.class)),
                  knowledge
                      .causes()
                      .find(row.getString("cause_id"))
                      .map(Cause::label)
                      .orElse(row.getString("cause_id")),
                  closed == null ? WORDS.say("open") : Days.full(closed),
                  Optional.ofNullable(row.getString("outcome")).orElse("").toLowerCase());
            })
        .list();
  }

  private List<List<String>> treated(PlantView plant) {
    return jdbc.sql(
            "select v.answered_on, u.pest, v.means from treatment_visit v join treatment_course u on"
                + " u.id = v.course_id where v.collection_id = :c and u.plant_id = :p and v.state ="
                + " 'DONE' order by v.answered_on, v.id")
        .param("c", scope.keeper().collectionId())
        .param("p", plant.id())
        .query(
            (row, n) ->
                List.of(
                    Days.full(row.getObject("answered_on", LocalDate.class)),
                    knowledge
                        .causes()
                        .find(row.getString("pest"))
                        .map(Cause::label)
                        .orElse(row.getString("pest")),
                    row.getString("means").replace(",", ", ")))
        .list();
  }

  private List<List<String>> history(PlantView plant) {
    return jdbc.sql(
            "select at, text from entry where collection_id = :c and plant_id = :p and not superseded"
                + " and kind <> 'TAKEN_BACK' and reading_key is null order by at desc, id desc limit "
                + ENTRIES)
        .param("c", scope.keeper().collectionId())
        .param("p", plant.id())
        .query(
            (row, n) ->
                List.of(
                    Days.full(scope.day(row.getObject("at", OffsetDateTime.class).toInstant())),
                    row.getString("text")))
        .list();
  }
}
