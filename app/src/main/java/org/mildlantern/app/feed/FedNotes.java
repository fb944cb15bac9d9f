package org.mildlantern.app.feed;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mildlantern.core.feed.Diet;
import org.mildlantern.core.feed.Element;
import org.mildlantern.core.feed.Label;
import org.mildlantern.core.feed.SaltReading;
import org.mildlantern.core.feed.SaltStory;
import org.mildlantern.core.feed.SaltStory.Drink;
import org.mildlantern.core.feed.SaltStory.Ran;
import org.mildlantern.core.feed.SlowRelease;
import org.mildlantern.core.journal.Fed;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Flushed;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Readings;
import org.mildlantern.core.journal.SaltsRead;
import org.mildlantern.core.journal.Strewn;
import org.mildlantern.core.journal.Watered;

/**
 * Reads notes of water and feed as what they bring to a pot.
 *
 * @param products feeds of the collection, which notes name by the numbers of their labels
 */
record FedNotes(List<ProductForm> products) {
  /** A feed of which only the nitrogen is known is taken for one of this ratio. */
  private static final Label SOME_FEED = Label.oxide(20, 10, 20);

  /** A feed of which nothing is known, ppm of nitrogen. */
  private static final double SOME_PPM = 75;

  /** No more is dissolved in a litre, g. */
  private static final double MOST_GRAMS = 1000;

  private static final Pattern NPK =
      Pattern.compile("(\\d+(?:\\.\\d+)?)-(\\d+(?:\\.\\d+)?)-(\\d+(?:\\.\\d+)?)");

  /**
   * What a note tells of the salts of a pot; empty where it tells nothing of them.
   *
   * @param water without feed, mS/cm
   * @param stands whether the pot stands in water
   * @param celsius of the place
   */
  Optional<SaltStory.Event> event(
      Note note, LocalDate day, double water, boolean stands, double celsius) {
    Ran still = stands ? Ran.STAYED : Ran.NOT_SAID;
    if (note instanceof Watered drink) {
      return Optional.of(
          new Drink(
              day,
              drink.ml(),
              drink.runOff() == Watered.RunOff.NOT_SAID ? still : ran(drink.runOff()),
              water));
    }
    if (note instanceof Filled filled) {
      return Optional.of(new Drink(day, filled.ml(), Ran.STAYED, water));
    }
    if (note instanceof Fed feed) {
      return Optional.of(new Drink(day, feed.ml(), still, water + salts(meal(feed))));
    }
    if (note instanceof Flushed flushed) {
      return Optional.of(
          new Drink(day, flushed.ml(), Ran.FLUSH, flushed.msCm() == null ? water : flushed.msCm()));
    }
    if (note instanceof SaltsRead read) {
      return Optional.of(new SaltStory.Read(day, read.method(), read.msCm()));
    }
    if (note instanceof Readings readings) {
      return drained(readings).map(msCm -> new SaltStory.Read(day, SaltReading.DRAIN, msCm));
    }
    if (note instanceof Strewn strewn) {
      return label(strewn.analysis())
          .map(
              label ->
                  new SlowRelease(label, strewn.grams(), strewn.months(), celsius).strewn(day));
    }
    return Optional.empty();
  }

  private static Optional<Double> drained(Readings readings) {
    return readings.readings().stream()
        .filter(one -> one.where() == Readings.Where.RUN_OFF)
        .filter(one -> one.quantity() == Readings.Quantity.CONDUCTIVITY)
        .map(Readings.Reading::value)
        .findFirst();
  }

  private static Ran ran(Watered.RunOff runOff) {
    return switch (runOff) {
      case NOT_SAID -> Ran.NOT_SAID;
      case NONE -> Ran.STAYED;
      case THROUGH -> Ran.THROUGH;
      case PAST -> Ran.PAST;
    };
  }

  /** What a feed was, as far as it is known: its strength as noted, or by the label’s dose. */
  Diet.Meal meal(Fed fed) {
    Optional<ProductForm> product = product(fed.analysis());
    Label label = product.map(ProductForm::label).or(() -> label(fed.analysis())).orElse(null);
    Double ppm = fed.ppm();
    if (ppm == null && label != null) {
      ppm = ppm(fed, label, product);
    }
    return new Diet.Meal(ppm, label);
  }

  private static Double ppm(Fed fed, Label label, Optional<ProductForm> product) {
    Double grams = fed.strength().gramsPerLitre();
    if (grams == null && fed.strength().share() != null) {
      grams =
          product
              .filter(one -> one.dose() != null && (!one.liquid() || one.density() != null))
              .map(
                  one -> one.dose() * fed.strength().share() * (one.liquid() ? one.density() : 1.0))
              .orElse(null);
    }
    return grams == null ? null : (Double) (grams * label.of(Element.N) * 10);
  }

  private static double salts(Diet.Meal meal) {
    Label label =
        meal.label() == null || meal.label().of(Element.N) <= 0 ? SOME_FEED : meal.label();
    double ppm = meal.ppm() == null ? SOME_PPM : meal.ppm();
    return label.at(Math.min(MOST_GRAMS, label.gramsFor(Element.N, ppm))).ecMsCm();
  }

  /** The feed of the collection that prints these numbers. */
  private Optional<ProductForm> product(String analysis) {
    return analysis == null
        ? Optional.empty()
        : products.stream().filter(one -> one.printed().equals(analysis)).findFirst();
  }

  /** Of three numbers as most labels print them; empty where they are none. */
  static Optional<Label> label(String analysis) {
    if (analysis == null) {
      return Optional.empty();
    }
    Matcher numbers = NPK.matcher(analysis);
    if (!numbers.matches()) {
      return Optional.empty();
    }
    double n = Double.parseDouble(numbers.group(1));
    double p = Double.parseDouble(numbers.group(2));
    double k = Double.parseDouble(numbers.group(3));
    return n + p + k > 100 ? Optional.empty() : Optional.of(Label.oxide(n, p, k));
  }
}
