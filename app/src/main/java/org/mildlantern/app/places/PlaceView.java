package org.mildlantern.app.places;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.words.Words;

/**
 * A place as other features see it.
 *
 * @param temperature usual air temperature in °C, or null
 * @param humidity usual relative humidity in %, or null
 */
public record PlaceView(
    Long id,
    String name,
    PlaceKind kind,
    Double temperature,
    Double humidity,
    Surroundings surroundings,
    int position) {
  private static final Words WORDS = Words.of(PlaceView.class);

  private static final double ROOM_CELSIUS = 20;

  /**
   * What the keeper noted of it.
   *
   * @param coldest lowest temperature of the last weeks in °C, or null
   * @param warmest highest temperature of the last weeks in °C, or null
   * @param light how light it is, or null
   */
  public record Surroundings(Double coldest, Double warmest, LightClass light, Near near) {}

  /** Its usual warmth in °C; that of a lived-in room, 20 °C, where none was noted. */
  public double warmth() {
    return temperature == null ? ROOM_CELSIUS : temperature;
  }

  /** The usual air in words, for example {@code 14 °C · 71 %}; empty when unknown. */
  public String air() {
    List<String> parts = new ArrayList<>();
    if (temperature != null) {
      parts.add(WORDS.say("celsius", temperature));
    }
    if (humidity != null) {
      parts.add(WORDS.say("humidity", humidity));
    }
    return String.join(" · ", parts);
  }

  public boolean quarantine() {
    return kind == PlaceKind.QUARANTINE;
  }
}
