package org.mildlantern.core.journal;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.core.feed.SaltReading;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.reading.Unit.Dimension;
import org.mildlantern.core.words.Words;

/**
 * What was read of the salts in a pot.
 *
 * @param msCm as it was read, mS/cm
 */
public record SaltsRead(SaltReading method, double msCm) implements Note {
  public static final double MOST = 50;

  private static final Words WORDS = Words.of(SaltsRead.class);

  private static final Map<SaltReading, String> METHODS =
      new EnumMap<>(
          Map.of(
              SaltReading.POUR_THROUGH, "pour[- ]?th(?:rough|ru)",
              SaltReading.SQUEEZE, "squeezed?|pressed out",
              SaltReading.DRAIN, "ran out",
              SaltReading.SATURATED_PASTE, "paste",
              SaltReading.ONE_TO_TWO, "slurry|one part in two",
              SaltReading.PROBE, "probe"));

  static final Grammar GRAMMAR =
      Grammar.of(
          "salts|pour[- ]?th(?:rough|ru)|squeezed?|pressed out|paste|slurry",
          "pour-through 1.8 mS/cm",
          SaltsRead::read);

  public SaltsRead {
    if (!(msCm >= 0 && msCm <= MOST)) {
      throw new IllegalArgumentException("salts: 0 to 50 mS/cm");
    }
  }

  @Override
  public NoteKind kind() {
    return NoteKind.SALTS;
  }

  @Override
  public List<String> figures() {
    return List.of(WORDS.say("salts", method.label(), Figures.plain(msCm)));
  }

  private static Note read(Line line, Setting setting) {
    Optional<SaltReading> method =
        METHODS.entrySet().stream()
            .filter(one -> line.says(one.getValue()))
            .map(Map.Entry::getKey)
            .findFirst();
    Double read = Strength.orNull(line.figure(Dimension.CONDUCTIVITY, MOST));
    if (read != null && method.isPresent()) {
      return new SaltsRead(method.get(), read);
    }
    if (read != null && method.isEmpty()) {
      throw new IllegalArgumentException(WORDS.say("salts.how"));
    }
    if (line.figure(Dimension.PPM, 50_000).isPresent() || line.onlyBare().isPresent()) {
      throw new IllegalArgumentException(WORDS.say("salts.in-what"));
    }
    return null;
  }
}
