package org.mildlantern.app.archive;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.words.Words;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes an archive part by part, so that a line which breaks costs one part: what has come is kept,
 * and the sender goes on from there.
 */
@Service
@Transactional
class ArchiveParts {
  private static final Words WORDS = Words.of(ArchiveParts.class);

  /** So many may be under way in a collection; the oldest goes. */
  private static final int UNDER_WAY = 3;

  private static final int LONGEST = 200;
  private static final int LONGEST_MARK = 300;

  private final JdbcClient jdbc;
  private final Scope scope;
  private final ArchiveFiles files;

  ArchiveParts(JdbcClient jdbc, ArchiveFiles files, Scope scope) {
    this.jdbc = jdbc;
    this.scope = scope;
    this.files = files;
  }

  /**
   * How far one has come.
   *
   * @param at octets that are here
   */
  record Part(Long id, long at, long size) {
    public boolean whole() {
      return at == size;
    }
  }

  /**
   * What is known of one.
   *
   * @param size or null when it is whole
   */
  private record Row(Long id, Path file, Long size) {
    Part part() {
      try {
        long here = Files.exists(file) ? Files.size(file) : 0;
        return new Part(id, here, size == null ? here : size);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  /**
   * Begins one, or goes on with the one that its sender began.
   *
   * @param mark by which its sender knows the file again
   * @throws ArchiveFault when it is too large, or empty
   */
  Part begin(String name, long size, String mark) {
    if (size < 1) {
      throw new ArchiveFault(WORDS.say("no-file"));
    }
    files.bound(size);
    String known = cut(mark, LONGEST_MARK);
    Optional<Row> begun =
        rows("size = :size and mark = :mark order by id desc limit 1", size, known).stream()
            .findFirst();
    if (begun.isPresent()) {
      return begun.get().part();
    }
    rows("size is not null order by id desc offset " + (UNDER_WAY - 1), size, known)
        .forEach(this::drop);
    Path file = files.fresh(".in.zip");
    Long id =
        jdbc.sql(
                "insert into archive_in (collection_id, came_at, name, file, size, mark) values (:c,"
                    + " :at, :name, :file, :size, :mark) returning id")
            .param("c", scope.keeper().collectionId())
            .param("at", scope.now().atOffset(ZoneOffset.UTC))
            .param("name", cut(name, LONGEST))
            .param("file", file.toString())
            .param("size", size)
            .param("mark", known)
            .query(Long.class)
            .single();
    return new Part(id, 0, size);
  }

  private static String cut(String text, int most) {
    return text.length() > most ? text.substring(0, most) : text;
  }

  private List<Row> rows(String condition, long size, String mark) {
    return jdbc.sql(
            "select id, file, size from archive_in where collection_id = :c and " + condition)
        .param("c", scope.keeper().collectionId())
        .param("size", size)
        .param("mark", mark)
        .query((row, n) -> new Row(row.getLong(1), Path.of(row.getString(2)), row.getLong(3)))
        .list();
  }

  private void drop(Row row) {
    jdbc.sql("delete from archive_in where id = :id").param("id", row.id()).update();
    ArchiveFiles.remove(row.file());
  }

  /**
   * Takes a part; one that does not begin where the last ended is left aside, and its sender told
   * where to go on.
   *
   * @return empty when there is no such archive
   */
  Optional<Part> take(Long id, long at, byte[] octets) throws IOException {
    Optional<Row> row =
        jdbc.sql(
                "select file, size from archive_in where id = :id and collection_id = :c for update")
            .param("id", id)
            .param("c", scope.keeper().collectionId())
            .query((r, n) -> new Row(id, Path.of(r.getString(1)), r.getObject(2, Long.class)))
            .optional();
    if (row.isEmpty()) {
      return Optional.empty();
    }
    Part before = row.get().part();
    if (before.at() != at || at + octets.length > before.size()) {
      return Optional.of(before);
    }
    Files.write(row.get().file(), octets, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    Part now = row.get().part();
    if (now.whole()) {
      jdbc.sql("update archive_in set size = null, mark = null where id = :id")
          .param("id", id)
          .update();
    }
    return Optional.of(now);
  }
}
