package org.mildlantern.app.archive;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntConsumer;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.core.words.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.task.TaskExecutor;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes archives, says what reading them in would do, and reads them in. */
@Service
public class ArchiveIntake {
  private static final Words WORDS = Words.of(ArchiveIntake.class);
  private static final Logger LOG = LoggerFactory.getLogger(ArchiveIntake.class);

  /** Larger archives are read in the background, bytes. */
  private static final long LARGE = 20L << 20;

  private final ArchiveWriter writer;
  private final ArchiveImport imports;
  private final ArchiveFiles files;
  private final JdbcClient jdbc;
  private final PlatformTransactionManager transactions;
  private final TaskExecutor tasks;
  private final Scope scope;
  private final Map<Of, Reading> readings = new ConcurrentHashMap<>();

  ArchiveIntake(
      ArchiveWriter writer,
      ArchiveImport imports,
      ArchiveFiles files,
      JdbcClient jdbc,
      PlatformTransactionManager transactions,
      @Qualifier("applicationTaskExecutor") TaskExecutor tasks,
      Scope scope) {
    this.writer = writer;
    this.imports = imports;
    this.files = files;
    this.jdbc = jdbc;
    this.transactions = transactions;
    this.tasks = tasks;
    this.scope = scope;
  }

  private Long collection() {
    return scope.keeper().collectionId();
  }

  /** An archive that waits to be read in. */
  record In(Long id, String name, Path file) {}

  /** Takes a file that is to be read in; its id. */
  Long take(String name, InputStream bytes) throws IOException {
    return waits(name, files.hold(bytes));
  }

  /** Takes a plant that another keeper hands over; its id among what waits to be read in. */
  @Transactional
  public Long take(String name, Long collection, Long plant) throws IOException {
    Path file = files.fresh(".in.zip");
    // While its row is held nothing can be written about the plant.
    jdbc.sql("select id from plant where id = :p and collection_id = :c for update")
        .param("p", plant)
        .param("c", collection)
        .query(Long.class)
        .single();
    try (OutputStream out = Files.newOutputStream(file)) {
      writer.writeWithin(new Selection(collection, plant), scope.now(), out);
    } catch (SQLException | IOException | RuntimeException e) {
      ArchiveFiles.remove(file);
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
  synchronized void begin(In in, Merge.Choice choice) {
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
    ArchiveFiles.remove(in.file());
    return merge;
  }

  /** Reads bytes in at once, or says what that would do. */
  Merge read(InputStream bytes, Merge.Choice choice, boolean preview) throws IOException {
    Path file = files.hold(bytes);
    try {
      return preview
          ? preview(file, choice)
          : new TransactionTemplate(transactions)
              .execute(status -> imports.run(file, choice, false, percent -> {}));
    } finally {
      ArchiveFiles.remove(file);
    }
  }

  void drop(In in) {
    jdbc.sql("delete from archive_in where id = :id").param("id", in.id()).update();
    ArchiveFiles.remove(in.file());
  }
}
