package org.mildlantern.app.archive;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.mildlantern.app.keeper.Scope;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.task.TaskExecutor;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Makes archives in the background, keeps their files for some days, and reads others in. */
@Service
public class ArchiveService {
  private static final Logger LOG = LoggerFactory.getLogger(ArchiveService.class);

  private static final Duration KEPT = Duration.ofDays(7);
  private static final Duration LONGEST = Duration.ofHours(12);
  private static final int SHOWN = 20;

  private final ArchiveWriter writer;
  private final JdbcClient jdbc;
  private final TaskExecutor tasks;
  private final Scope scope;

  /** How far this instance has come with those that it makes, in percent. */
  private final Map<Long, Long> percents = new ConcurrentHashMap<>();

  private final ArchiveFiles files;

  ArchiveService(
      ArchiveWriter writer,
      JdbcClient jdbc,
      @Qualifier("applicationTaskExecutor") TaskExecutor tasks,
      Scope scope,
      ArchiveFiles files) {
    this.writer = writer;
    this.jdbc = jdbc;
    this.tasks = tasks;
    this.scope = scope;
    this.files = files;
  }

  /** How an archive came to be. */
  public enum By {
    PAGE,
    PROGRAM,
    /** One plant from its page. */
    PLANT,
    /** One plant by whoever has its link. */
    LINK
  }

  /** What became of an archive. */
  enum State {
    UNDER_WAY,
    READY,
    FAILED,
    GONE
  }

  /**
   * An archive that was made.
   *
   * @param percent how much of it is written
   */
  record Out(Long id, Instant madeAt, By by, State state, long percent, long bytes) {}

  /** The latest archives, the newest first. */
  List<Out> outs() {
    return jdbc.sql(
            "select id, made_at, by_whom, state, bytes from archive_out where"
                + " collection_id = :c order by id desc limit "
                + SHOWN)
        .param("c", collection())
        .query(
            (row, n) -> {
              Instant made = row.getObject("made_at", OffsetDateTime.class).toInstant();
              State state = State.valueOf(row.getString("state"));
              boolean dead = state == State.UNDER_WAY && made.plus(LONGEST).isBefore(scope.now());
              return new Out(
                  row.getLong("id"),
                  made,
                  By.valueOf(row.getString("by_whom")),
                  dead ? State.FAILED : state,
                  state == State.UNDER_WAY ? percents.getOrDefault(row.getLong("id"), 0L) : 100,
                  row.getLong("bytes"));
            })
        .list();
  }

  private Long collection() {
    return scope.keeper().collectionId();
  }

  /** Begins to make an archive, unless one is under way; its id. */
  Long begin() {
    Optional<Out> now = outs().stream().filter(out -> out.state() == State.UNDER_WAY).findFirst();
    if (now.isPresent()) {
      return now.get().id();
    }
    Long collection = collection();
    Path file = files.fresh(".zip");
    Long id = log(By.PAGE, State.UNDER_WAY, file.toString());
    Runnable work = () -> tasks.execute(() -> make(id, collection, file));
    if (TransactionSynchronizationManager.isSynchronizationActive()) {
      TransactionSynchronizationManager.registerSynchronization(
          new TransactionSynchronization() {
            @Override
            public void afterCommit() {
              work.run();
            }
          });
    } else {
      work.run();
    }
    return id;
  }

  private Long log(By by, State state, String file) {
    return jdbc.sql(
            "insert into archive_out (collection_id, made_at, by_whom, state, bytes, file)"
                + " values (:c, :at, :by, :state, 0, :file) returning id")
        .param("c", collection())
        .param("at", scope.now().atOffset(ZoneOffset.UTC))
        .param("by", by.name())
        .param("state", state.name())
        .param("file", file)
        .query(Long.class)
        .single();
  }

  private void make(Long id, Long collection, Path file) {
    try {
      long all = Math.max(1, writer.count(new Selection(collection, null)));
      try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file), 1 << 16)) {
        writer.write(
            new Selection(collection, null),
            scope.now(),
            out,
            done -> percents.put(id, Math.min(99, 100 * done / all)));
      }
      update(id, "state = 'READY', bytes = :n", Files.size(file));
    } catch (IOException | SQLException | RuntimeException e) {
      LOG.warn("an archive could not be made", e);
      update(id, "state = 'FAILED', bytes = :n", 0);
      ArchiveFiles.remove(file);
    } finally {
      percents.remove(id);
    }
  }

  private void update(Long id, String set, long n) {
    jdbc.sql("update archive_out set " + set + " where id = :id")
        .param("id", id)
        .param("n", n)
        .update();
  }

  /** The file of an archive of the keeper's. */
  Optional<Path> file(Long id) {
    return jdbc.sql(
            "select file from archive_out where id = :id and collection_id = :c and state = 'READY'"
                + " and file is not null")
        .param("id", id)
        .param("c", collection())
        .query(String.class)
        .optional()
        .map(Path::of)
        .filter(Files::exists);
  }

  /** Writes an archive right away, and logs that it left. */
  void stream(OutputStream out) throws IOException {
    stream(null, By.PROGRAM, out);
  }

  /** Writes a plant of the keeper's with its history, or all where it is null. */
  public void stream(Long plant, By by, OutputStream out) throws IOException {
    log(by, State.GONE, null);
    try {
      writer.write(new Selection(collection(), plant), scope.now(), out, done -> {});
    } catch (SQLException e) {
      throw new IOException(e);
    }
  }

  /** Writes one table for a spreadsheet. */
  void stream(Sheet sheet, OutputStream out) throws IOException {
    try {
      writer.write(sheet, collection(), scope.zone().getId(), out);
    } catch (SQLException e) {
      throw new IOException(e);
    }
  }

  /** Files of archives are kept for a week; that they were made stays in the log. */
  @Scheduled(cron = "0 37 3 * * *")
  void thin() {
    OffsetDateTime old = scope.now().minus(KEPT).atOffset(ZoneOffset.UTC);
    jdbc.sql(
            "select file from archive_out where made_at < :old and file is not null union all select"
                + " file from archive_in where came_at < :old")
        .param("old", old)
        .query(String.class)
        .list()
        .forEach(file -> ArchiveFiles.remove(Path.of(file)));
    jdbc.sql(
            "update archive_out set state = 'GONE', file = null where made_at < :old and file is not null")
        .param("old", old)
        .update();
    jdbc.sql("delete from archive_in where came_at < :old").param("old", old).update();
  }
}
