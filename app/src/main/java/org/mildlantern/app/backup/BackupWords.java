package org.mildlantern.app.backup;

import java.time.Instant;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Tells pages how the copies stand. */
@Component("backups")
public class BackupWords {
  private static final double MEGABYTE = 1024.0 * 1024;
  private static final Words WORDS = Words.of(BackupWords.class);

  private final DailyBackup backup;

  BackupWords(DailyBackup backup) {
    this.backup = backup;
  }

  /** Whether something makes copies each day, and how many are kept. */
  public String kept() {
    return backup
        .state()
        .map(
            state ->
                state.last() == null
                    ? WORDS.say("none-yet")
                    : WORDS.say("kept", state.kept(), state.bytes() / MEGABYTE))
        .orElse(WORDS.say("nobody"));
  }

  /** When the newest was made, or null. */
  public Instant last() {
    return backup.state().map(DailyBackup.State::last).orElse(null);
  }

  /** What was said when the newest failed, or null. */
  public String failed() {
    return backup.state().map(DailyBackup.State::failed).orElse(null);
  }
}
