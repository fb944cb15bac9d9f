package org.mildlantern.app.backup;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Has a copy of the installation made once a day by the command that the start gave it, and lets go
 * of old ones. A copy that fails leaves those before it.
 */
@Component
public class DailyBackup {
  private static final Logger LOG = LoggerFactory.getLogger(DailyBackup.class);

  private static final Pattern NAME = Pattern.compile("plants-(\\d{4}-\\d{2}-\\d{2})\\.backup");
  private static final String FAILED = "failed.txt";
  private static final Duration EVERY = Duration.ofHours(23);
  private static final Duration LONGEST = Duration.ofHours(2);
  private static final int TOLD = 300;

  private final String command;
  private final String mode;
  private final Path folder;
  private final Clock clock;

  DailyBackup(
      @Value("${mild-lantern.backup-command}") String command,
      @Value("${mild-lantern.backup-mode}") String mode,
      @Value("${mild-lantern.backups}") Path folder,
      Clock clock) {
    this.command = command;
    this.mode = mode;
    this.folder = folder;
    this.clock = clock;
  }

  /**
   * How it stands.
   *
   * @param last when the newest copy was made, or null
   * @param bytes of the newest
   * @param kept how many there are
   * @param failed what was said when a later one failed, or null
   */
  public record State(Instant last, long bytes, int kept, String failed) {}

  /** How the copies stand; empty where nothing makes any. */
  public Optional<State> state() {
    if (command.isBlank()) {
      return Optional.empty();
    }
    try {
      TreeMap<LocalDate, Path> copies = copies();
      Path failed = folder.resolve(FAILED);
      String told = Files.exists(failed) ? Files.readString(failed) : null;
      if (copies.isEmpty()) {
        return Optional.of(new State(null, 0, 0, told));
      }
      Path newest = copies.lastEntry().getValue();
      return Optional.of(
          new State(
              Files.getLastModifiedTime(newest).toInstant(),
              Files.size(newest),
              copies.size(),
              told));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private TreeMap<LocalDate, Path> copies() throws IOException {
    TreeMap<LocalDate, Path> copies = new TreeMap<>();
    if (Files.isDirectory(folder)) {
      try (Stream<Path> files = Files.list(folder)) {
        files.forEach(
            file -> {
              Matcher name = NAME.matcher(file.getFileName().toString());
              if (name.matches()) {
                copies.put(LocalDate.parse(name.group(1)), file);
              }
            });
      }
    }
    return copies;
  }

  /** Makes one when the last is a day old; asked now and then, as machines are off at night. */
  @Scheduled(initialDelay = 10, fixedDelay = 30, timeUnit = TimeUnit.MINUTES)
  void whenDue() {
    Instant last = state().map(State::last).orElse(null);
    if (!command.isBlank() && (last == null || last.plus(EVERY).isBefore(clock.instant()))) {
      make();
    }
  }

  /** Makes one, and lets go of those that are not kept. */
  void make() {
    try {
      Files.createDirectories(folder);
      LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
      String fault = run(folder.resolve("plants-" + today + ".backup"));
      Path failed = folder.resolve(FAILED);
      if (fault == null) {
        Files.deleteIfExists(failed);
        thin();
      } else {
        LOG.warn("the daily backup failed: {}", fault);
        Files.writeString(failed, fault);
      }
    } catch (IOException e) {
      LOG.warn("the daily backup failed", e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** Null when it went well, else what was said last. */
  private String run(Path file) throws IOException, InterruptedException {
    Path said = Files.createTempFile(folder, "said", ".txt");
    try {
      List<String> words = new ArrayList<>(List.of(command));
      if (!mode.isBlank()) {
        words.add(mode);
      }
      words.addAll(List.of("--backup", file.toString()));
      Process process =
          new ProcessBuilder(words)
              .redirectErrorStream(true)
              .redirectOutput(said.toFile())
              .redirectInput(new File("/dev/null"))
              .start();
      if (!process.waitFor(LONGEST.toSeconds(), TimeUnit.SECONDS)) {
        process.destroyForcibly();
        return "it took too long";
      }
      String text = Files.readString(said, StandardCharsets.UTF_8).strip();
      boolean well = process.exitValue() == 0 && Files.exists(file);
      return well ? null : text.substring(Math.max(0, text.length() - TOLD));
    } finally {
      Files.deleteIfExists(said);
    }
  }

  private void thin() throws IOException {
    TreeMap<LocalDate, Path> copies = copies();
    Set<LocalDate> kept = Rotation.kept(copies.keySet());
    for (LocalDate day : List.copyOf(copies.keySet())) {
      if (!kept.contains(day)) {
        Files.deleteIfExists(copies.get(day));
      }
    }
  }
}
