package org.mildlantern.app.calendar;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.net.URI;
import java.time.Duration;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.LastModified;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Status;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.Url;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableMethod;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.stereotype.Component;

/** Writes events as iCalendar (RFC 5545). */
@Component
class CalendarFile {
  private static final int LINE_OCTETS = 75;

  /** Longer than any line; they are folded by octets here. */
  private static final int UNFOLDED = 1_000_000;

  private static final Duration LASTS = Duration.ofMinutes(30);

  private final TimeZoneRegistry zones = TimeZoneRegistryFactory.getInstance().createRegistry();

  /**
   * The text of the calendar.
   *
   * @param hour local, at which events begin, or null for events that take the day
   * @param home address of the app
   * @param collection makes uids of several collections unlike
   */
  String of(List<Planned> events, ZoneId zone, Integer hour, String home, Long collection) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Mild Lantern//Round//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    calendar.add(ImmutableMethod.PUBLISH);
    calendar.add(new XProperty("X-WR-CALNAME", "Plants"));
    TimeZone known = hour == null ? null : zones.getTimeZone(zone.getId());
    if (known != null) {
      calendar.add(known.getVTimeZone());
    }
    for (Planned event : events) {
      calendar.add(event(event, zone, hour, home, collection));
    }
    StringWriter text = new StringWriter();
    try {
      new CalendarOutputter(false, UNFOLDED).output(calendar, text);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return folded(text.toString());
  }

  /** Folds lines at 75 octets (RFC 5545, 3.1) and never within a letter. */
  private static String folded(String text) {
    StringBuilder folded = new StringBuilder(text.length() + text.length() / 8);
    int octets = 0;
    for (int i = 0; i < text.length(); ) {
      int letter = text.codePointAt(i);
      int takes = letter < 0x80 ? 1 : letter < 0x800 ? 2 : letter < 0x10000 ? 3 : 4;
      if (letter == '\r' || letter == '\n') {
        octets = 0;
      } else if (octets + takes > LINE_OCTETS) {
        folded.append("\r\n ");
        octets = 1 + takes;
      } else {
        octets += takes;
      }
      folded.appendCodePoint(letter);
      i += Character.charCount(letter);
    }
    return folded.toString();
  }

  private static VEvent event(
      Planned planned, ZoneId zone, Integer hour, String home, Long collection) {
    VEvent event = new VEvent(false);
    if (hour == null) {
      event.add(new DtStart<>(planned.day()));
    } else {
      event.add(new DtStart<>(ZonedDateTime.of(planned.day(), LocalTime.of(hour, 0), zone)));
      event.add(new net.fortuna.ical4j.model.property.Duration(LASTS));
    }
    event.add(new Summary(planned.summary()));
    event.add(new DtStamp(planned.changedAt()));
    event.add(new Uid(planned.uid() + "@" + collection + ".mild-lantern"));
    event.add(new Sequence(planned.sequence()));
    event.add(new LastModified(planned.changedAt()));
    event.add(new Status(planned.gone() ? "CANCELLED" : "CONFIRMED"));
    event.add(new Description(planned.words()));
    event.add(new Url(URI.create(home + planned.path())));
    return event;
  }
}
