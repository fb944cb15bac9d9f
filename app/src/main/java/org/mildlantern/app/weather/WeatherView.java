package org.mildlantern.app.weather;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.air.Forecast;
import org.mildlantern.core.words.Words;

/**
 * The days ahead, ready to be shown.
 *
 * @param age of the forecast, in words
 */
record WeatherView(String age, List<Bar> days, List<Row> dangers) {
  private static final Words WORDS = Words.of(WeatherView.class);
  private static final double TOP = 12;
  private static final double HEIGHT = 120;

  /** A day as a bar from its low to its high on a picture of so many units. */
  record Bar(LocalDate day, double low, double high, double y, double height, boolean frost) {}

  /** A plant in danger. */
  record Row(PlantView plant, String why) {}

  static WeatherView of(
      ForecastStore.Fetched fetched,
      List<ForecastService.Danger> dangers,
      Instant now,
      LocalDate today) {
    List<Forecast.Day> days =
        fetched.forecast().days().stream().filter(day -> !day.day().isBefore(today)).toList();
    double least = days.stream().mapToDouble(Forecast.Day::low).min().orElse(0);
    double most = days.stream().mapToDouble(Forecast.Day::high).max().orElse(1);
    double scale = HEIGHT / Math.max(1, most - least);
    return new WeatherView(
        WORDS.say("age", Duration.between(fetched.forecast().issued(), now).toHours()),
        days.stream()
            .map(
                day ->
                    new Bar(
                        day.day(),
                        Math.round(day.low()),
                        Math.round(day.high()),
                        TOP + (most - day.high()) * scale,
                        Math.max(2, (day.high() - day.low()) * scale),
                        day.low() <= 0))
            .toList(),
        dangers.stream()
            .sorted(Comparator.comparing(ForecastService.Danger::day))
            .map(danger -> new Row(danger.plant(), WeatherOnTheRound.reason(danger)))
            .toList());
  }
}
