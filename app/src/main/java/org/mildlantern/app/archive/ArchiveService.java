package org.mildlantern.app.archive;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
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
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntConsumer;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.core.words.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.task.TaskExecutor;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.unit.DataSize;

/** Makes archives in the background, keeps their files for some days, and reads others in. */
@Service
public class ArchiveService {
  private static final Words WORDS = Words.of(ArchiveService.class);
  private static final Logger LOG = LoggerFactory.getLogger(ArchiveService.class);

  private static final Duration KEPT = Duration.ofDays(7);
  private static final Duration LONGEST = Duration.ofHours(12);
  private static final int SHOWN = 20;

  /** Larger archives are read in the background, bytes. */
  private static final long LARGE = 20L << 20;

  private final ArchiveWriter writer;
  private final ArchiveImport imports;
  private final JdbcClient jdbc;
  private final PlatformTransactionManager transactions;
  private final TaskExecutor tasks;
  private final Scope scope;

  /** How far this instance has come with those that it makes, in percent. */
  private final Map<Long, Long> percents = new ConcurrentHashMap<>();

  private final Map<Of, Reading> readings = new ConcurrentHashMap<>();

  private final Path folder;
  private final long most;

  ArchiveService(
      ArchiveWriter writer,
      ArchiveImport imports,
      JdbcClient jdbc,
      PlatformTransactionManager transactions,
      @Qualifier("applicationTaskExecutor") TaskExecutor tasks,
      Scope scope,
      @Value("${mild-lantern.files}") Path folder,
      @Value("${mild-lantern.archive-most}") DataSize most) {
    this.most = most.toBytes();
    this.writer = writer;
    this.imports = imports;
    this.jdbc = jdbc;
    this.transactions = transactions;
    this.tasks = tasks;
    this.scope = scope;
    this.folder = folder;
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
    Path file = folder.resolve(UUID.randomUUID() + ".zip");
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
      Files.createDirectories(folder);
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
      remove(file);
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

  /** An archive that waits to be read in. */
  record In(Long id, String name, Path file) {}

  /** Takes a file that is to be read in; its id. */
  Long take(String name, InputStream bytes) throws IOException {
    return waits(name, hold(bytes));
  }

  /** Takes a plant that another keeper hands over; its id among what waits to be read in. */
  @Transactional
  public Long take(String name, Long collection, Long plant) throws IOException {
    Files.createDirectories(folder);
    Path file = folder.resolve(UUID.randomUUID() + ".in.zip");
    // While its row is held nothing can be written about the plant.
    jdbc.sql("select id from plant where id = :p and collection_id = :c for update")
        .param("p", plant)
        .param("c", collection)
        .query(Long.class)
        .single();
    try (OutputStream out = Files.newOutputStream(file)) {
      writer.writeWithin(new Selection(collection, plant), scope.now(), out);
    } catch (SQLException | IOException | RuntimeException e) {
      remove(file);
      throw new IOException(e);
    }
    return waits(name, file);
  }

  private Long waits(String name, Path file) {
    return jdbc.sql(
            "insert into archive_in (collection_id, came_at, name, file) values (:c, :at, :name,"
                + " :file) returning id")
        .param("c", collection())
        .param("at", scope.now().atOffset(ZoneOffset.UTC))
        .param("name", name.length() > 200 ? name.substring(0, 200) : name)
        .param("file", file.toString())
        .query(Long.class)
        .single();
  }

  private Path hold(InputStream bytes) throws IOException {
    Files.createDirectories(folder);
    Path file = folder.resolve(UUID.randomUUID() + ".in.zip");
    try {
      try (OutputStream out = Files.newOutputStream(file)) {
        long left = most;
        byte[] part = new byte[1 << 16];
        for (int n = bytes.read(part); n >= 0; n = bytes.read(part)) {
          left -= n;
          if (left < 0) {
            throw new ArchiveFault(WORDS.say("large", most / (1L << 30)));
          }
          out.write(part, 0, n);
        }
      }
    } catch (IOException | RuntimeException e) {
      remove(file);
      throw e;
    }
    return file;
  }

  Optional<In> waiting(Long id) {
    return jdbc.sql(
            "select name, file from archive_in where id = :id and collection_id = :c and size is null")
        .param("id", id)
        .param("c", collection())
        .query((row, n) -> new In(id, row.getString("name"), Path.of(row.getString("file"))))
        .optional()
        .filter(in -> Files.exists(in.file()));
  }

  /** What reading it in would do. */
  Merge preview(Path file, Merge.Choice choice) {
    return new TransactionTemplate(transactions)
        .execute(
            status -> {
              status.setRollbackOnly();
              return imports.run(file, choice, true, percent -> {});
            });
  }

  /**
   * How reading one in goes.
   *
   * @param percent of it that is done
   * @param done what it did, once it is over
   * @param fault why it could not be, or null
   */
  record Reading(int percent, Merge done, String fault) {
    public boolean over() {
      return done != null || fault != null;
    }
  }

  private record Of(Long collection, Long id) {}

  /** Whether it takes long enough to be read in the background. */
  boolean large(In in) {
    try {
      return Files.size(in.file()) > LARGE;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Begins to read one in, unless that is under way. */
  void begin(In in, Merge.Choice choice) {
    SignedIn keeper = scope.keeper();
    Of of = new Of(keeper.collectionId(), in.id());
    Reading now = readings.get(of);
    if (now != null && !now.over()) {
      return;
    }
    readings.keySet().removeIf(other -> other.collection().equals(of.collection()));
    readings.put(of, new Reading(0, null, null));
    tasks.execute(() -> readings.put(of, scope.as(keeper, () -> reading(in, choice, of))));
  }

  private Reading reading(In in, Merge.Choice choice, Of of) {
    try {
      Merge merge = read(in, choice, percent -> readings.put(of, new Reading(percent, null, null)));
      return new Reading(100, merge, null);
    } catch (ArchiveFault e) {
      return new Reading(0, null, e.getMessage());
    } catch (RuntimeException e) {
      LOG.warn("an archive could not be read in", e);
      return new Reading(0, null, WORDS.say("broke-off"));
    }
  }

  /** How reading one in goes that was begun here; empty after a restart. */
  Optional<Reading> reading(Long id) {
    return Optional.ofNullable(readings.get(new Of(collection(), id)));
  }

  /** Reads it in, and forgets the file. */
  Merge read(In in, Merge.Choice choice) {
    return read(in, choice, percent -> {});
  }

  private Merge read(In in, Merge.Choice choice, IntConsumer percent) {
    Merge merge =
        new TransactionTemplate(transactions)
            .execute(
                status -> {
                  Merge done = imports.run(in.file(), choice, false, percent);
                  jdbc.sql("delete from archive_in where id = :id").param("id", in.id()).update();
                  return done;
                });
    remove(in.file());
    return merge;
  }

  /** Reads bytes in at once, or says what that would do. */
  Merge read(InputStream bytes, Merge.Choice choice, boolean preview) throws IOException {
    Path file = hold(bytes);
    try {
      return preview
          ? preview(file, choice)
          : new TransactionTemplate(transactions)
              .execute(status -> imports.run(file, choice, false, percent -> {}));
    } finally {
      remove(file);
    }
  }

  void drop(In in) {
    jdbc.sql("delete from archive_in where id = :id").param("id", in.id()).update();
    remove(in.file());
  }

  private static void remove(Path file) {
    try {
      Files.deleteIfExists(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
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
        .forEach(file -> remove(Path.of(file)));
    jdbc.sql(
            "update archive_out set state = 'GONE', file = null where made_at < :old and file is not null")
        .param("old", old)
        .update();
    jdbc.sql("delete from archive_in where came_at < :old").param("old", old).update();
  }
}
