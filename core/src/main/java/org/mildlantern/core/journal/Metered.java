package org.mildlantern.core.journal;

import java.util.List;
import java.util.Set;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;

/** A moisture meter's figure, 0 to 10. */
public record Metered(double figure) implements Note {
  public static final double MOST = 10;

  private static final Set<String> METER = Set.of("meter");

  static final Grammar GRAMMAR = Grammar.of("meter|moisture meter", "meter 4", Metered::read);

  @Override
  public NoteKind kind() {
    return NoteKind.METERED;
  }

  @Override
  public List<String> figures() {
    return List.of(Figures.plain(figure));
  }

  private static Note read(Line line, Setting setting) {
    var figure = line.after(METER);
    if (figure.isEmpty()) {
      return null;
    }
    if (!(figure.getAsDouble() >= 0 && figure.getAsDouble() <= MOST)) {
      throw new IllegalArgumentException("A meter shows 0 to 10; yours is out of scale.");
    }
    return new Metered(figure.getAsDouble());
  }
}
