package org.mildlantern.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DailyBackupTest {
  private static final LocalDate FIRST = LocalDate.of(2026, 9, 1);

  @TempDir Path folder;

  private DailyBackup on(String script, LocalDate day) throws IOException {
    Path command = folder.resolve("command");
    Files.writeString(command, "#!/bin/sh\n" + script + "\n");
    assertThat(command.toFile().setExecutable(true)).isTrue();
    Instant noon = day.atTime(12, 0).toInstant(ZoneOffset.UTC);
    return new DailyBackup(
        command.toString(), "--empty", folder.resolve("copies"), Clock.fixed(noon, ZoneOffset.UTC));
  }

  private List<String> files() throws IOException {
    try (var files = Files.list(folder.resolve("copies"))) {
      return files.map(file -> file.getFileName().toString()).sorted().toList();
    }
  }

  @Test
  void aCopyIsMadeByTheCommandAndToldOf() throws IOException {
    DailyBackup backup = on("[ $1 = --empty ] && [ $2 = --backup ] && echo copy > \"$3\"", FIRST);
    assertThat(backup.state().orElseThrow().last()).isNull();
    backup.whenDue();
    assertThat(files()).containsExactly("plants-2026-09-01.backup");
    assertThat(backup.state().orElseThrow().kept()).isEqualTo(1);
    assertThat(backup.state().orElseThrow().bytes()).isEqualTo(5);
    assertThat(backup.state().orElseThrow().failed()).isNull();
  }

  @Test
  void oneThatFailsLeavesThoseBeforeAndSaysWhy() throws IOException {
    on("echo copy > \"$3\"", FIRST).make();
    DailyBackup broken = on("echo 'no room left'; exit 3", FIRST.plusDays(1));
    broken.make();
    assertThat(files()).containsExactly("failed.txt", "plants-2026-09-01.backup");
    assertThat(broken.state().orElseThrow().failed()).isEqualTo("no room left");
    DailyBackup well = on("echo copy > \"$3\"", FIRST.plusDays(2));
    well.make();
    assertThat(well.state().orElseThrow().failed()).isNull();
    assertThat(well.state().orElseThrow().kept()).isEqualTo(2);
  }

  @Test
  void anotherIsMadeOnlyWhenTheLastIsADayOld() throws IOException {
    Instant made = Instant.now();
    DailyBackup soon =
        new DailyBackup(
            "/bin/false",
            "",
            folder.resolve("copies"),
            Clock.fixed(made.plusSeconds(3600), ZoneOffset.UTC));
    Files.createDirectories(folder.resolve("copies"));
    Files.writeString(folder.resolve("copies/plants-2026-09-01.backup"), "x");
    soon.whenDue();
    assertThat(files()).containsExactly("plants-2026-09-01.backup");
    DailyBackup later =
        new DailyBackup(
            "/bin/false",
            "",
            folder.resolve("copies"),
            Clock.fixed(made.plusSeconds(90_000), ZoneOffset.UTC));
    later.whenDue();
    assertThat(files()).contains("failed.txt");
  }

  @Test
  void withoutACommandNothingIsMade() {
    DailyBackup none = new DailyBackup("", "", folder.resolve("copies"), Clock.systemUTC());
    none.whenDue();
    assertThat(none.state()).isEmpty();
    assertThat(folder.resolve("copies")).doesNotExist();
  }

  @Test
  void aWeekOfDaysAndFiveWeeksAreKept() throws IOException {
    List<LocalDate> copies = new ArrayList<>();
    Set<LocalDate> kept = Set.of();
    for (int day = 0; day < 100; day++) {
      copies.add(FIRST.plusDays(day));
      kept = Rotation.kept(copies);
      copies = new ArrayList<>(kept);
    }
    LocalDate last = FIRST.plusDays(99);
    assertThat(kept).contains(last, last.minusDays(6)).hasSizeBetween(10, 12);
    assertThat(kept.stream().min(LocalDate::compareTo).orElseThrow())
        .isBetween(last.minusDays(36), last.minusDays(24));
    assertThat(Rotation.kept(List.of())).isEmpty();
    assertThat(Rotation.kept(List.of(FIRST, FIRST.plusYears(1)))).hasSize(2);
  }
}
