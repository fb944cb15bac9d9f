package org.mildlantern.core.sheet;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mildlantern.core.knowledge.SheetWords;

/**
 * A heading of a list.
 *
 * @param text as it stands
 * @param column what it says that its column holds, or null
 * @param unit that it names, or null
 */
public record Heading(String text, Column column, Length unit) {
  private static final Pattern BRACKETS = Pattern.compile("[(\\[]([^)\\]]*)[)\\]]");
  private static final Pattern UNIT_BEHIND =
      Pattern.compile("(?i)^(.*?)[\\s,/_-]+(?:in\\s+)?(cms?|mm|in|ins|inch|inches|\"|″|”)$");

  static Heading of(String text, SheetWords words) {
    Length unit = null;
    String bare = text.strip();
    Matcher brackets = BRACKETS.matcher(bare);
    if (brackets.find()) {
      unit = Length.of(brackets.group(1).replaceFirst("(?i)^in\\s+(?=\\S)", "")).orElse(null);
      bare = brackets.replaceAll(" ").strip();
    }
    Optional<Column> column = words.column(bare);
    Matcher behind = UNIT_BEHIND.matcher(bare);
    if (unit == null && behind.matches()) {
      unit = Length.of(behind.group(2)).orElse(null);
      column = column.or(() -> words.column(behind.group(1)));
    }
    return new Heading(text.strip(), column.orElse(null), unit);
  }
}
