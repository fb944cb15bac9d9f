package org.mildlantern.app.quarantine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.words.Words;

/**
 * The plants that a case may have reached, ready to be drawn: the case on the left, a line to each
 * contact, the thicker the longer they stood together.
 *
 * @param height of the canvas, whose width is {@value #WIDTH}
 * @param more contacts for which there is no room
 */
public record ContactChain(int height, double rootY, List<Link> links, int more) {
  private static final Words WORDS = Words.of(ContactChain.class);

  static final int WIDTH = 300;
  private static final int ROW = 26;
  private static final int MOST = 14;

  /** A line to a contact; state is hit, due or clear; look is the next day to look, or null. */
  public record Link(
      double y,
      double width,
      String state,
      Long plantId,
      String name,
      String days,
      LocalDate look) {}

  /** Null when there are no contacts. */
  public static ContactChain of(List<ContactLooks.Watch> watches) {
    if (watches.isEmpty()) {
      return null;
    }
    List<Link> links = new ArrayList<>();
    for (ContactLooks.Watch watch : watches.subList(0, Math.min(MOST, watches.size()))) {
      long days = watch.contact().days();
      links.add(
          new Link(
              16 + ROW * links.size(),
              1 + Math.min(5, days / 6.0),
              watch.found() ? "hit" : watch.next() == null ? "clear" : "due",
              watch.contact().plant().id(),
              watch.contact().plant().name(),
              WORDS.say("days", days),
              watch.next()));
    }
    int height = 8 + ROW * links.size();
    return new ContactChain(height, height / 2.0, links, watches.size() - links.size());
  }
}
