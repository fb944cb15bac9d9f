package org.mildlantern.app.ops;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A backup is whole or not there, and comes back as it was. */
@AppTest
class BackupTest {
  @TempDir Path folder;
  @Autowired Keepers keepers;
  @Autowired JdbcClient jdbc;

  @Value("${spring.datasource.url}")
  String url;

  @Value("${spring.datasource.username}")
  String user;

  @Value("${spring.datasource.password}")
  String password;

  private String name;
  private String copy;
  private Path file;

  /** What a run of the script said, with how it ended. */
  private record Said(int code, String text) {}

  @BeforeEach
  void aCollection() {
    name = jdbc.sql("select current_database()").query(String.class).single();
    copy = name + "_copy";
    file = folder.resolve("lantern.backup");
    SignedIn keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill “south”, ☀", PlaceKind.INDOOR);
    keepers.note(
        keeper, keepers.plant(keeper, sill, "Hoya carnosa").id(), "=SUM(1) 'quoted' \u05d0\u05d1");
  }

  @AfterEach
  void noCopies() throws Exception {
    run(
        "for d in $(sql postgres \"select datname from pg_database where datname like '"
            + copy
            + "%'\"); do \"$(pg_bin)/dropdb\" \"$d\"; done");
  }

  private Said run(String script) throws IOException, InterruptedException {
    URI at = URI.create(url.substring("jdbc:".length()));
    ProcessBuilder shell =
        new ProcessBuilder("sh", "-c", "set -eu; . ops/common.sh; . ops/backup.sh; " + script)
            .directory(Path.of("..").toFile())
            .redirectErrorStream(true);
    shell
        .environment()
        .putAll(
            Map.of(
                "PGHOST",
                at.getHost(),
                "PGPORT",
                String.valueOf(at.getPort()),
                "PGUSER",
                user,
                "PGPASSWORD",
                password));
    Process process = shell.start();
    String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
    return new Said(process.exitValue(), text);
  }

  private String count(String database) throws Exception {
    return run("sql "
            + database
            + " \"select (select md5(string_agg(p::text, ',' order by id)) from plant p),"
            + " (select md5(string_agg(e::text, ',' order by id)) from entry e)\"")
        .text();
  }

  @Test
  void everyFieldComesBackAsItWas() throws Exception {
    Said backed = run("backup " + name + " " + file);
    assertThat(backed.text()).contains("read back whole");
    assertThat(backed.code()).isZero();
    Said restored = run("restore " + copy + " " + file);
    assertThat(restored.text()).contains("Restored from");
    assertThat(count(copy)).isEqualTo(count(name)).hasSizeGreaterThan(40);
  }

  @Test
  void whatWasThereIsKeptWhenABackupTakesItsPlace() throws Exception {
    run("backup " + name + " " + file);
    run("restore " + copy + " " + file);
    run("sql " + copy + " \"delete from entry\"");
    assertThat(run("restore " + copy + " " + file).text()).contains("is kept as database " + copy);
    assertThat(count(copy)).isEqualTo(count(name));
  }

  @Test
  void aBackupThatFailsHalfWayLeavesTheOldOne() throws Exception {
    run("backup " + name + " " + file);
    byte[] old = Files.readAllBytes(file);
    Path bin = Files.createDirectory(folder.resolve("bin"));
    Path half = bin.resolve("pg_dump");
    Files.writeString(half, "#!/bin/sh\necho half > \"$3\"; exit 1\n");
    assertThat(half.toFile().setExecutable(true)).isTrue();
    Said failed = run("pg_bin() { echo " + bin + "; }; backup " + name + " " + file);
    assertThat(failed.code()).isNotZero();
    assertThat(failed.text()).contains("is as it was");
    assertThat(Files.readAllBytes(file)).isEqualTo(old);
    assertThat(folder.resolve("lantern.backup.part")).doesNotExist();
  }

  @Test
  void whatIsNoBackupChangesNothing() throws Exception {
    Path odd = Files.writeString(folder.resolve("odd"), "not a backup");
    Said refused = run("restore " + copy + " " + odd);
    assertThat(refused.code()).isNotZero();
    assertThat(refused.text()).contains("is no backup");
    assertThat(
            run("sql postgres \"select count(*) from pg_database where datname like '"
                    + copy
                    + "%'\"")
                .text()
                .strip())
        .isEqualTo("0");
  }

  @Test
  void aBackupOfANewerProgramIsRefused() throws Exception {
    run("backup " + name + " " + file);
    Said refused = run("known_schema() { echo 1; }; restore " + copy + " " + file);
    assertThat(refused.code()).isNotZero();
    assertThat(refused.text()).contains("newer Mild Lantern").contains("nothing was changed");
  }
}
