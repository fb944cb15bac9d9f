package org.mildlantern.app.diagnose;

import java.nio.charset.Charset;
import java.nio.charset.CharsetEncoder;
import java.util.List;

/** What is known of a plant, in sections of plain lines. */
record Sheet(String plant, String day, List<Section> sections) {

  private static final CharsetEncoder WINDOWS = Charset.forName("windows-1252").newEncoder();

  record Section(String title, List<String> lines) {}

  String text() {
    StringBuilder text = new StringBuilder(plant + "\nSummary of " + day + "\n");
    for (Section section : sections) {
      text.append('\n').append(section.title().toUpperCase(java.util.Locale.ROOT)).append('\n');
      section.lines().forEach(line -> text.append("- ").append(line).append('\n'));
    }
    return text + "\nShares are the app's odds, not a certainty. Please judge for yourself.\n";
  }

  /** The same with letters that the standard PDF fonts hold. */
  Sheet plain() {
    return new Sheet(
        plain(plant),
        day,
        sections.stream()
            .map(s -> new Section(s.title(), s.lines().stream().map(Sheet::plain).toList()))
            .toList());
  }

  private static String plain(String text) {
    StringBuilder plain = new StringBuilder();
    text.replace('−', '-')
        .chars()
        .forEach(c -> plain.append(WINDOWS.canEncode((char) c) ? (char) c : '?'));
    return plain.toString();
  }
}
