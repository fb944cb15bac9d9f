package org.mildlantern.app.light;

import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.air.Air;
import org.mildlantern.core.air.Leaf;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.light.SpotLight;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** What the light of a stand is for the plants on it, in words. */
@Component
class StandWords {
  private static final Words WORDS = Words.of(StandWords.class);

  /** Air of a room of which nothing is known, %. */
  private static final double USUAL_HUMIDITY = 50;

  private final Knowledge knowledge;
  private final Scope scope;

  StandWords(Knowledge knowledge, Scope scope) {
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /** How light meets the wish of a plant. */
  LightView.Standing standing(PlantView plant, SpotLight now) {
    Optional<LightWish> wish = knowledge.lightWish(plant.kind());
    if (wish.isEmpty()) {
      return new LightView.Standing(plant, null, null, WORDS.say("wish-unknown"));
    }
    LightWish.Met met = wish.get().met(now.dli());
    boolean asksLittle = rests(plant) && met != LightWish.Met.ABOVE;
    String words =
        asksLittle
            ? WORDS.say("rests", wish.get().words())
            : WORDS.say("met", met.name(), wish.get().words());
    return new LightView.Standing(
        plant,
        wish.get(),
        asksLittle ? null : met,
        asksLittle || met.ordinal() < LightWish.Met.MET.ordinal()
            ? words
            : words + burns(wish.get(), now));
  }

  /** What the sun of a clear day would do to leaves that are not used to it; empty for nothing. */
  private static String burns(LightWish wish, SpotLight now) {
    LightWish.Burn burn = wish.burn();
    return burn.exceeded(now.peakPpfd(), now.directHours())
        ? WORDS.say(
            "burns", now.directHours(), Math.round(now.peakPpfd()), burn.hours(), burn.ppfd())
        : "";
  }

  /** A plant at rest asks for little light, whatever its kind wishes in growth. */
  private boolean rests(PlantView plant) {
    return plant.resting(scope.today(), scope.latitude());
  }

  /** Of a plant that tells the season by the night, what the lamps over it do to that. */
  String nights(PlantView plant, double lampHours) {
    return knowledge
        .longNights(plant.kind())
        .filter(nights -> nights.spoiledBy(lampHours))
        .map(
            nights ->
                WORDS.say(
                    "nights", nights.ends().name(), nights.dark(), nights.weeks(), 24 - lampHours))
        .orElse("");
  }

  /** How warm a leaf gets at the brightest moment of a clear day. */
  static LightView.Warmth leaf(PlaceView place, SpotLight now) {
    Air air =
        new Air(
            place.warmth(),
            Math.max(1, place.humidity() == null ? USUAL_HUMIDITY : place.humidity()));
    Leaf leaf = place.kind() == PlaceKind.OUTDOOR ? Leaf.IN_A_BREEZE : Leaf.IN_A_ROOM;
    return new LightView.Warmth(
        WORDS.say(
            "leaf",
            Math.round(now.peakPpfd()),
            whole(leaf.celsius(air, now.peakPpfd(), Leaf.SHUT_PORES)),
            whole(leaf.celsius(air, now.peakPpfd(), Leaf.OPEN_PORES)),
            whole(air.celsius())),
        leaf.working(air, now.peakPpfd(), Leaf.SHUT_PORES));
  }

  private static double whole(double celsius) {
    return Math.round(celsius);
  }
}
