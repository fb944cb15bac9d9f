package org.mildlantern.app.archive;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.Date;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntConsumer;
import javax.sql.DataSource;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.words.Words;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyManager;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Reads an archive into the keeper's collection, within the transaction of its caller: all of it or
 * nothing. What is here already stays as it is unless the keeper chose otherwise.
 */
@Component
class ArchiveImport {
  private static final Words WORDS = Words.of(ArchiveImport.class);

  private static final int NAMED = 60;

  /** About how much of the time the parts take, in percent; the rest goes into looking it over. */
  private static final int READ = 25;

  private static final int WRITTEN = 15;
  private static final int PICTURES = 50;

  private final DataSource dataSource;
  private final JdbcTemplate jdbc;
  private final ArchiveCheck checks;
  private final Arrival arrivals;
  private final ObjectMapper json;
  private final Scope scope;

  ArchiveImport(
      DataSource dataSource,
      JdbcTemplate jdbc,
      ArchiveCheck checks,
      Arrival arrivals,
      ObjectMapper json,
      Scope scope) {
    this.dataSource = dataSource;
    this.jdbc = jdbc;
    this.checks = checks;
    this.arrivals = arrivals;
    this.json = json;
    this.scope = scope;
  }

  /**
   * Reads it in.
   *
   * @param preview whether the caller takes it all back; pictures are then only looked for
   * @param done is told now and then how much of it is done, in percent
   * @throws ArchiveFault when it cannot be; the transaction must be taken back
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public Merge run(Path file, Merge.Choice choice, boolean preview, IntConsumer done) {
    Connection connection = DataSourceUtils.getConnection(dataSource);
    try (ArchiveReader archive = new ArchiveReader(file, json)) {
      Merge merge = new Run(archive, choice, Tables.of(connection), connection, done).all(preview);
      if (!preview) {
        arrivals.came(merge.came(), choice.apart());
      }
      return merge;
    } catch (IOException e) {
      throw new ArchiveFault(WORDS.say("damaged", String.valueOf(e.getMessage())), e);
    } catch (SQLException | DataAccessException e) {
      throw new ArchiveFault(WORDS.say("damaged", ArchiveCheck.first(e)), e);
    } finally {
      DataSourceUtils.releaseConnection(connection, dataSource);
    }
  }

  /** One reading in. */
  private final class Run {
    private final ArchiveReader archive;
    private final Merge.Choice choice;
    private final Tables tables;
    private final CopyManager copy;
    private final boolean ofPlant;
    private final IntConsumer done;
    private final Long collection = scope.keeper().collectionId();
    private final List<Merge.Count> counts = new ArrayList<>();
    private final List<String> others = new ArrayList<>();
    private final List<String> renamed = new ArrayList<>();
    private List<String> twins = List.of();
    private double pictures;
    private final double files;

    Run(
        ArchiveReader archive,
        Merge.Choice choice,
        Tables tables,
        Connection connection,
        IntConsumer done)
        throws SQLException {
      this.done = done;
      this.archive = archive;
      this.choice = choice;
      this.tables = tables;
      this.copy = connection.unwrap(PGConnection.class).getCopyAPI();
      this.ofPlant = archive.manifest().ofPlant();
      this.files = Math.max(1, archive.manifest().files());
    }

    Merge all(boolean preview) throws SQLException, IOException {
      boolean empty = isEmpty();
      Map<String, Manifest.Told> told = new HashMap<>();
      archive.manifest().tables().forEach(table -> told.put(table.name(), table));
      told.keySet().stream()
          .filter(
              name -> tables.find(name).isEmpty() || ofPlant && !Selection.OF_PLANT.contains(name))
          .findFirst()
          .ifPresent(
              name -> {
                throw new ArchiveFault(WORDS.say("unknown", name));
              });
      List<Staging> stages = new ArrayList<>();
      for (Tables.Table table : tables.all()) {
        stages.add(stage(table, told.get(table.name())));
      }
      for (int i = 0; i < stages.size(); i++) {
        read(stages.get(i), empty);
        done.accept(READ * i / stages.size());
      }
      // Only now is it known what every row is called here.
      for (int i = 0; i < stages.size(); i++) {
        write(stages.get(i), empty);
        done.accept(READ + WRITTEN * i / stages.size());
      }
      for (Staging stage : stages) {
        pictures(stage, preview);
      }
      jdbc.update(
          "update entry set superseded = true where collection_id = ? and not superseded and id in"
              + " (select e.supersedes_id from entry e join map_entry m on m.new = e.id and m.how ="
              + " 'n')",
          collection);
      if (empty && !ofPlant) {
        Whereabouts.settle(jdbc, archive.manifest().collection(), collection);
      }
      checks.loads();
      return new Merge(
          archive.manifest().collection(),
          ofPlant,
          empty && !ofPlant,
          ofPlant
              ? jdbc.queryForList(
                  "select new from map_plant where how = 'n' order by new", Long.class)
              : List.of(),
          counts,
          others,
          twins,
          renamed);
    }

    private boolean isEmpty() {
      return jdbc.queryForObject(
              "select (select count(*) from plant where collection_id = ?) + (select count(*) from"
                  + " place where collection_id = ?)",
              Long.class,
              collection,
              collection)
          == 0;
    }

    /** A table that the archive does not have comes as one without rows. */
    private Staging stage(Tables.Table table, Manifest.Told told) {
      List<Tables.Column> columns = new ArrayList<>();
      if (told == null) {
        return new Staging(table, table.columns(), tables, collection);
      }
      for (Tables.Column column : told.columns()) {
        columns.add(
            table.columns().stream()
                .filter(own -> own.name().equals(column.name()))
                .findFirst()
                .orElseThrow(
                    () ->
                        new ArchiveFault(
                            WORDS.say("unknown", table.name() + "." + column.name()))));
      }
      return new Staging(table, columns, tables, collection);
    }

    private void read(Staging stage, boolean empty) throws SQLException, IOException {
      String name = stage.name();
      for (String former : List.of("in_", "typed_", "map_")) {
        jdbc.execute("drop table if exists pg_temp." + former + name);
      }
      jdbc.execute(stage.in());
      Optional<Manifest.Told> told =
          archive.manifest().tables().stream()
              .filter(table -> table.name().equals(name))
              .findFirst();
      if (told.isPresent()) {
        long rows;
        try (InputStream in = archive.rows(name)) {
          rows = copy.copyIn(stage.copy(), in);
        }
        if (rows != told.get().rows()) {
          throw new ArchiveFault(WORDS.say("rows", name, rows, told.get().rows()));
        }
      }
      jdbc.execute(stage.typed());
      jdbc.execute("drop table in_" + name);
      if (stage.table().numbered()) {
        jdbc.execute(stage.map());
        match(stage, empty);
        jdbc.update(stage.mapNew());
        jdbc.execute("analyze map_" + name);
      }
    }

    private void write(Staging stage, boolean empty) {
      String name = stage.name();
      if (!stage.table().numbered()) {
        long all = count("select count(*) from typed_" + name);
        long fresh = jdbc.update(stage.insertUnnumbered());
        count(name, fresh, all - fresh, 0);
        return;
      }
      checks.words(stage);
      if (ofPlant && name.equals("plant")) {
        receive();
      }
      rename(stage, empty);
      others(stage);
      jdbc.update(stage.insert());
    }

    private void match(Staging stage, boolean empty) {
      if (empty && !stage.name().equals("collection_choice")) {
        return;
      }
      jdbc.update(stage.matchByUid());
      for (String condition : Natural.same(stage.name(), choice.samePlants())) {
        while (jdbc.update(stage.match(condition)) > 0) {
          // One correction of a row may lead to the next.
        }
      }
      if (stage.name().equals("plant")) {
        twins =
            jdbc.queryForList(
                "select i.code || ' ' || i.name from typed_plant i join plant t on t.collection_id ="
                    + " ? and lower(t.code) = lower(i.code) and lower(t.name) = lower(i.name) and"
                    + " t.uid <> i.uid order by 1 limit "
                    + NAMED,
                String.class,
                collection);
      }
    }

    /** A plant that is handed over stands where its new keeper puts it; one that is known stays. */
    private void receive() {
      jdbc.update(
          "update typed_plant set place_id = ?, arrived_on = ?, archived_on = null",
          arrivals.place(choice.place()),
          Date.valueOf(scope.today()));
      jdbc.update(
          "update typed_plant i set place_id = t.place_id, arrived_on = t.arrived_on, archived_on ="
              + " t.archived_on, walk = t.walk, import_id = t.import_id, import_row = t.import_row"
              + " from map_plant m join plant t on t.id = m.new where m.old = i.id and m.how <> 'n'");
    }

    /** What counts up goes on counting, and no code is given twice. */
    private void rename(Staging stage, boolean empty) {
      String name = stage.name();
      String column = Natural.COUNTED.get(name);
      if (empty) {
        return;
      }
      if (column != null) {
        jdbc.update(
            ("update typed_%1$s i set %2$s = b.base + n.rank from (select coalesce(max(%2$s), 0) as"
                    + " base from %1$s where collection_id = %3$d) b, (select i.id, row_number() over"
                    + " (order by i.%2$s, i.id) as rank from typed_%1$s i join map_%1$s m on m.old ="
                    + " i.id and m.how = 'n') n where n.id = i.id")
                .formatted(name, column, collection));
      }
      if (name.equals("plant")) {
        recode();
      }
    }

    /** Plants whose code another plant has get one with a number behind it. */
    private void recode() {
      jdbc.execute("alter table typed_plant add column was text");
      jdbc.update(
          "update typed_plant i set was = code from map_plant m where m.old = i.id and m.how = 'n'"
              + " and exists (select from plant t where t.collection_id = ? and lower(t.code) ="
              + " lower(i.code))",
          collection);
      int copy = 2;
      while (jdbc.update(
              "update typed_plant i set code = was || '-' || ? where was is not null and (exists"
                  + " (select from plant t where t.collection_id = ? and lower(t.code) ="
                  + " lower(i.code)) or exists (select from typed_plant o where o.id <> i.id and"
                  + " lower(o.code) = lower(i.code)))",
              copy,
              collection)
          > 0) {
        copy++;
      }
      renamed.addAll(
          jdbc.queryForList(
              "select was || ' → ' || code from typed_plant where was is not null order by was limit "
                  + NAMED,
              String.class));
    }

    private void others(Staging stage) {
      String name = stage.name();
      List<Long> differ = jdbc.queryForList(stage.others(), Long.class);
      if (stage.table().has("name") && !differ.isEmpty()) {
        jdbc
            .queryForList(
                "select t.name from %1$s t join map_%1$s m on m.new = t.id and m.how = 'u' where t.id in (%2$s) order by 1 limit %3$d"
                    .formatted(name, stage.others(), NAMED),
                String.class)
            .stream()
            .limit(Math.max(0, NAMED - others.size()))
            .forEach(others::add);
      }
      if (choice.takeTheirs() && !differ.isEmpty()) {
        jdbc.update(stage.take());
      }
      count(
          name,
          count("select count(*) from map_" + name + " where how = 'n'"),
          count("select count(*) from map_" + name + " where how <> 'n'") - differ.size(),
          differ.size());
    }

    private void count(String table, long fresh, long same, long other) {
      if (fresh + same + other > 0) {
        counts.add(new Merge.Count(table, fresh, same, other));
      }
    }

    private long count(String sql, Object... values) {
      return jdbc.queryForObject(sql, Long.class, values);
    }

    private void pictures(Staging stage, boolean preview) throws IOException {
      for (Tables.Column column : stage.told()) {
        if (!column.bytes()) {
          continue;
        }
        String set = "update %s set \"%s\" = ? where id = ?".formatted(stage.name(), column.name());
        String last = null;
        byte[] bytes = null;
        for (Map<String, Object> row :
            jdbc.queryForList(stage.pictures(column, choice.takeTheirs()))) {
          String hash = (String) row.get(column.name());
          if (preview) {
            if (!archive.hasPicture(hash)) {
              throw new ArchiveFault(WORDS.say("no-picture", hash));
            }
            continue;
          }
          if (!hash.equals(last)) {
            bytes = archive.picture(hash);
            last = hash;
          }
          jdbc.update(set, bytes, row.get("new"));
          pictures++;
          done.accept((int) (READ + WRITTEN + PICTURES * Math.min(1, pictures / files)));
        }
      }
    }
  }
}
