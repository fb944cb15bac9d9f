package org.mildlantern.app.plantpage;

import java.io.Serializable;
import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.QuickLine;
import org.mildlantern.core.journal.Remark;
import org.mildlantern.core.words.Words;

/**
 * What was read from a line and what was not, read back to its keeper.
 *
 * @param remark whether it was kept as words only
 * @param when the day and time, when the line named one, else null
 * @param look the words that say what was seen on the plant, to be taken as a look, or null
 */
record Echo(boolean remark, List<String> read, String when, List<String> unread, String look)
    implements Serializable {
  private static final Words WORDS = Words.of(Echo.class);

  private static final long serialVersionUID = 1L;

  static Echo of(QuickLine line, String look, LocalDate today) {
    boolean sameDay = line.at().toLocalDate().equals(today);
    String when =
        sameDay ? WORDS.say("today", Days.time(line.at())) : Days.near(line.at().toLocalDate());
    return new Echo(
        line.note() instanceof Remark,
        line.note().figures(),
        line.dated() ? when : null,
        line.unread(),
        look);
  }
}
