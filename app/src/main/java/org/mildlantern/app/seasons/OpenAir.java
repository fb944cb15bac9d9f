package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.light.LightYears;
import org.mildlantern.app.light.OfStand;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.weather.ClimateService;
import org.mildlantern.app.weather.ForecastService;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.air.Acclimation;
import org.mildlantern.core.air.ColdBorne;
import org.mildlantern.core.air.OutAndIn;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Rest;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.light.Hardening;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** When plants go out into the open and when they come in, where the collection has a place out. */
@Component
class OpenAir {
  private static final Words WORDS = Words.of(OpenAir.class);

  private static final int MANY = 300;

  private final PlaceService places;
  private final PlaceNights nights;
  private final ClimateService climate;
  private final ForecastService forecasts;
  private final LightService light;
  private final Knowledge knowledge;
  private final Scope scope;

  OpenAir(
      PlaceService places,
      PlaceNights nights,
      ClimateService climate,
      ForecastService forecasts,
      LightService light,
      Knowledge knowledge,
      Scope scope) {
    this.places = places;
    this.nights = nights;
    this.climate = climate;
    this.forecasts = forecasts;
    this.light = light;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /** The place in the open, if there is one. */
  Optional<PlaceView> open() {
    return places.all().stream().filter(place -> place.kind() == PlaceKind.OUTDOOR).findFirst();
  }

  /** Empty for what is not known, for seedlings, and where no place lies in the open. */
  Optional<OutAndIn> days(PlantView plant) {
    return open().isEmpty() || plant.stage() == Stage.SEEDLING
        ? Optional.empty()
        : plant.kind().taxon().map(taxon -> days(plant, taxon));
  }

  private OutAndIn days(PlantView plant, Taxon taxon) {
    Rest rest = taxon.rest();
    return OutAndIn.of(
        new OutAndIn.Needs(
            taxon.coldestWished(),
            ColdBorne.night(taxon),
            day -> rest.as() == Rest.As.DRY && rest.on(day, scope.latitude())),
        isOut(plant),
        scope.today(),
        climate.here()::night,
        forecasts.ahead());
  }

  /** A plant with its days, in words. */
  record Row(PlantView plant, List<String> words) {}

  /** Plants that go out or come in, or stand out the year round; the others are left out. */
  List<Row> rows(List<PlantView> kept) {
    return kept.stream()
        .map(plant -> new Row(plant, words(plant)))
        .filter(row -> !row.words().isEmpty())
        .limit(MANY)
        .toList();
  }

  static boolean isOut(PlantView plant) {
    return plant.place().kind() == PlaceKind.OUTDOOR;
  }

  /** In words, with the steps by which it gets used to it; empty where it does not go out. */
  List<String> words(PlantView plant) {
    Optional<OutAndIn> days = days(plant);
    if (days.isEmpty()) {
      return List.of();
    }
    if (days.get().allYear()) {
      return List.of(WORDS.say(isOut(plant) ? "stays-out" : "may-be-out"));
    }
    List<String> words = new ArrayList<>();
    if (isOut(plant)) {
      days.get().in().ifPresent(in -> words.add(comesIn(plant, in)));
      days.get().out().ifPresent(out -> words.add(WORDS.say("out-again", Days.near(out))));
      return words;
    }
    days.get()
        .out()
        .ifPresent(
            out -> {
              words.add(
                  WORDS.say("goes-out", Days.near(out), Days.near(days.get().in().orElse(out))));
              words.addAll(steps(plant, out));
            });
    return words;
  }

  /** What rests cold comes into a cold place. */
  String comesIn(PlantView plant, LocalDate in) {
    Rest rest = plant.kind().habits().rest();
    return rest.wantsCold()
        ? WORDS.say("comes-in-cold", Days.near(in), rest.nights().get(0), rest.nights().get(1))
        : WORDS.say("comes-in", Days.near(in));
  }

  private List<String> steps(PlantView plant, LocalDate out) {
    PlaceView open = open().orElseThrow();
    List<String> steps = new ArrayList<>();
    Acclimation.after(nights.usual(plant.place()), climate.here().night(out), out)
        .filter(Acclimation::colder)
        .ifPresent(way -> steps.add(WORDS.say("nights-in", Days.near(way.until()))));
    LightYears years = light.years();
    Optional<OfStand> here = years.at(plant);
    Optional<OfStand> there = years.usual(open.id());
    if (here.isPresent() && there.isPresent()) {
      List<Hardening.Step> hardening =
          Hardening.after(
              here.get().light().at(out),
              there.get().light().at(out),
              knowledge.lightWish(plant.kind()).orElse(null),
              out);
      if (!hardening.isEmpty()) {
        Hardening.Step last = hardening.get(hardening.size() - 1);
        steps.add(
            WORDS.say(
                "light-steps",
                hardening.size(),
                hardening.get(0).share() * 100,
                Days.near(last.from())));
      }
    }
    return steps;
  }
}
