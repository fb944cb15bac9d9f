package org.mildlantern.app.diagnose;

import java.nio.charset.Charset;
import java.nio.charset.CharsetEncoder;
import java.util.List;
import org.mildlantern.core.words.Words;

/** What is known of a plant, in sections of plain lines, with its newest pictures. */
record Sheet(String plant, String day, List<Section> sections, List<Picture> pictures) {
  private static final Words WORDS = Words.of(Sheet.class);

  private static final CharsetEncoder WINDOWS = Charset.forName("windows-1252").newEncoder();

  record Section(String title, List<String> lines) {}

  /** A picture by its id. */
  record Picture(Long id, String caption) {}

  String text() {
    StringBuilder text = new StringBuilder(plant + "\n" + WORDS.say("sheet.of", day) + "\n");
    for (Section section : sections) {
      text.append('\n').append(section.title().toUpperCase(java.util.Locale.ROOT)).append('\n');
      section.lines().forEach(line -> text.append("- ").append(line).append('\n'));
    }
    if (!pictures.isEmpty()) {
      text.append("\nPHOTOS (in the PDF)\n");
      pictures.forEach(picture -> text.append("- ").append(picture.caption()).append('\n'));
    }
    return text + "\n" + WORDS.say("sheet.judge") + "\n";
  }

  /** The same with letters that the standard PDF fonts hold. */
  Sheet plain() {
    return new Sheet(
        plain(plant),
        day,
        sections.stream()
            .map(s -> new Section(s.title(), s.lines().stream().map(Sheet::plain).toList()))
            .toList(),
        pictures.stream().map(p -> new Picture(p.id(), plain(p.caption()))).toList());
  }

  private static String plain(String text) {
    StringBuilder plain = new StringBuilder();
    text.replace('−', '-')
        .chars()
        .forEach(c -> plain.append(WINDOWS.canEncode((char) c) ? (char) c : '?'));
    return plain.toString();
  }
}
