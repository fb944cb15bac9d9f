package org.mildlantern.app.light;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.light.Lamp;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.light.Photometer;
import org.mildlantern.core.light.SpotLight;
import org.mildlantern.core.light.Trust;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps how places are lit, and works out what that gives their plants. */
@Service
@Transactional
public class LightService {
  private static final Words WORDS = Words.of(LightService.class);

  /** Wishes that a chart shows. */
  private static final int MOST_WISHES = 3;

  private static final int MOST_READINGS = 50;

  private final PlaceLightRepository lights;
  private final LightReadingRepository readings;
  private final PlaceService places;
  private final PlantService plants;
  private final Knowledge knowledge;
  private final Scope scope;
  private final LightBook book;
  private final LightChanges changes;
  private final SunHistory suns;
  private final StandWords words;

  LightService(
      PlaceLightRepository lights,
      LightReadingRepository readings,
      PlaceService places,
      PlantService plants,
      Knowledge knowledge,
      Scope scope,
      LightBook book,
      LightChanges changes,
      SunHistory suns,
      StandWords words) {
    this.words = words;
    this.suns = suns;
    this.changes = changes;
    this.book = book;
    this.knowledge = knowledge;
    this.lights = lights;
    this.readings = readings;
    this.places = places;
    this.plants = plants;
    this.scope = scope;
  }

  @Transactional(readOnly = true)
  Optional<LightView> of(Long placeId) {
    return places
        .find(placeId)
        .map(
            place -> {
              Optional<LightBook.Lit> known = book.of(place);
              return new LightView(
                  place,
                  known
                      .filter(lit -> !lit.drawn().byWord())
                      .map(lit -> lit.drawn().window().shown())
                      .orElse(WindowForm.EMPTY),
                  known.map(this::view).orElse(null),
                  known.map(LightBook.Lit::readings).orElseGet(() -> readings.of(placeId)));
            });
  }

  /** The light of all places and stands of which it is known, through this year. */
  @Transactional(readOnly = true)
  public LightYears years() {
    return book.years();
  }

  /**
   * The light on a plant beside that of three weeks ago; empty where that was not drawn.
   *
   * @param entries of its day book of these weeks
   */
  @Transactional(readOnly = true)
  public Optional<LightRise> rise(PlantView plant, List<Entry> entries) {
    return suns.rise(plant, entries);
  }

  /** All stands of which the light is known. */
  @Transactional(readOnly = true)
  public List<LitStand> stands() {
    LightYears years = book.years();
    List<LitStand> all = new ArrayList<>();
    for (LightBook.Lit lit : book.all()) {
      PlaceView place = lit.place();
      OfStand usual = years.places().get(place.id());
      Integer holds = lit.drawn().room().holds();
      all.add(new LitStand(place, null, null, holds, usual.light(), usual.felt()));
      for (PlaceSpot spot : lit.spots()) {
        SpotForm form = spot.form();
        OfStand stand = years.spots().get(spot.id());
        all.add(
            new LitStand(place, spot.id(), form.name(), form.holds(), stand.light(), stand.felt()));
      }
    }
    return all;
  }

  private LightView.Lit view(LightBook.Lit known) {
    PlaceView place = known.place();
    LitPlace lit = book.usual(known);
    LocalDate today = scope.today();
    Trust trust = book.trust(known, null);
    SpotLight now = lit.on(today, trust);
    Map<Long, SpotLight> where = onStands(known, today);
    List<LightView.Standing> standing =
        plants.kept().stream()
            .filter(plant -> plant.place().id().equals(place.id()))
            .map(plant -> words.standing(plant, where.getOrDefault(plant.id(), now)))
            .toList();
    return new LightView.Lit(
        now,
        verdict(standing, now),
        lit.outdoors() ? "" : lamp(standing, now),
        WORDS.say("band", Math.round((now.high() / Math.max(1e-9, now.dli()) - 1) * 100)),
        sun(lit, now, today),
        trust.spread() >= Trust.GUESSED.spread(),
        StandWords.leaf(place, now),
        nights(known, standing),
        SkyPicture.of(lit, scope.latitude(), today),
        YearChart.of(book.months(lit, trust), wishes(standing), monthOf(today)),
        standing);
  }

  /** The light of the plants of a place that are not on its usual stand. */
  private Map<Long, SpotLight> onStands(LightBook.Lit known, LocalDate today) {
    Map<Long, SpotLight> ofSpots = new HashMap<>();
    known.spots().forEach(spot -> ofSpots.put(spot.id(), book.on(known, spot, today)));
    Map<Long, SpotLight> ofPlants = new HashMap<>();
    book.standing(List.of(known)).forEach((plant, spot) -> ofPlants.put(plant, ofSpots.get(spot)));
    return ofPlants;
  }

  /** Months since the middle of January. */
  private static double monthOf(LocalDate day) {
    double month = day.getMonthValue() - 1 + (day.getDayOfMonth() - 15) / 30.0;
    return Math.max(0, Math.min(11, month));
  }

  private List<String> nights(LightBook.Lit known, List<LightView.Standing> standing) {
    Map<Long, Long> on = book.standing(List.of(known));
    return standing.stream()
        .map(
            one -> {
              PlaceSpot spot = known.spot(on.get(one.plant().id())).orElse(null);
              return named(
                  one.plant(), words.nights(one.plant(), book.stand(known, spot).lampHours()));
            })
        .filter(words -> !words.isEmpty())
        .toList();
  }

  private static String named(PlantView plant, String words) {
    return words.isEmpty() ? "" : WORDS.say("of", plant.name(), words);
  }

  /** The wishes of its kinds, those that differ most first shown. */
  private static List<YearChart.Named> wishes(List<LightView.Standing> standing) {
    Map<LightWish, String> named = new LinkedHashMap<>();
    for (LightView.Standing one : standing) {
      if (one.wish() != null) {
        named.merge(
            one.wish(),
            one.plant().kind().taxon().map(taxon -> taxon.genus()).orElse(one.plant().name()),
            (a, b) -> a.contains(b) || a.length() > 24 ? a : a + ", " + b);
      }
    }
    List<YearChart.Named> all = new ArrayList<>();
    named.forEach((wish, name) -> all.add(new YearChart.Named(name, wish)));
    all.sort(Comparator.comparingDouble(one -> one.wish().low()));
    if (all.size() <= MOST_WISHES) {
      return all;
    }
    return List.of(all.get(0), all.get(all.size() / 2), all.get(all.size() - 1));
  }

  private static String verdict(List<LightView.Standing> standing, SpotLight now) {
    long known = standing.stream().filter(one -> one.met() != null).count();
    if (known == 0) {
      return WORDS.say("verdict-none", figure(now.dli()));
    }
    long small =
        standing.stream()
            .filter(one -> one.met() == LightWish.Met.SHORT || one.met() == LightWish.Met.FAR_SHORT)
            .count();
    long above = standing.stream().filter(one -> one.met() == LightWish.Met.ABOVE).count();
    return WORDS.say("verdict", figure(now.dli()), small, above, known - small - above);
  }

  /** For how long a usual lamp makes up what those lack that get too little, in the middle. */
  private static String lamp(List<LightView.Standing> standing, SpotLight now) {
    double[] lacking =
        standing.stream()
            .filter(one -> one.met() == LightWish.Met.SHORT || one.met() == LightWish.Met.FAR_SHORT)
            .mapToDouble(one -> one.wish().low() - now.dli())
            .sorted()
            .toArray();
    if (lacking.length == 0) {
      return "";
    }
    double hours = Lamp.BAR.hoursFor(lacking[lacking.length / 2]);
    return hours > Lamp.LONGEST
        ? WORDS.say("lamp-no", Lamp.BAR.ppf())
        : WORDS.say(
            "lamp-would",
            Lamp.BAR.ppf(),
            Lamp.BAR.distance() * 100,
            Math.max(1, Math.round(hours)));
  }

  private static String sun(LitPlace lit, SpotLight now, LocalDate today) {
    if (now.direct().isEmpty()) {
      return WORDS.say("sun-none");
    }
    List<String> spans =
        now.direct().stream()
            .map(
                span ->
                    WORDS.say(
                        "span",
                        clock(lit.clock(today, span.from())),
                        clock(lit.clock(today, span.to()))))
            .toList();
    return WORDS.say("sun", now.directHours(), String.join(", ", spans));
  }

  private static String clock(int minutes) {
    int round = Math.floorMod(Math.round(minutes / 10f) * 10, 24 * 60);
    return String.format(Locale.ROOT, "%d:%02d", round / 60, round % 60);
  }

  private static String figure(double dli) {
    return String.format(Locale.ROOT, dli < 10 ? "%.1f" : "%.0f", dli);
  }

  /** Keeps what is said of a place's light; empty when there is no such place. */
  Optional<PlaceView> save(Long placeId, WindowForm form) {
    return places
        .find(placeId)
        .map(
            place -> {
              PlaceLight light = lights.of(placeId).orElseGet(() -> new PlaceLight(placeId));
              changes.watch(
                  placeId,
                  () -> {
                    light.describe(form);
                    return lights.save(light);
                  });
              return place;
            });
  }

  /**
   * Keeps a reading; empty when there is no such place.
   *
   * @param spotId the stand, or null for the usual one
   * @param words as it was read, with its unit
   * @throws IllegalArgumentException for one that cannot be
   */
  Optional<LightReading> read(
      Long placeId,
      Long spotId,
      Instant at,
      double value,
      Photometer in,
      String words,
      SpotLight.Sky sky) {
    Optional<PlaceView> place = places.find(placeId);
    if (place.isEmpty()) {
      return Optional.empty();
    }
    if (at.isAfter(scope.now())) {
      throw new IllegalArgumentException(WORDS.say("ahead"));
    }
    if (readings.of(placeId).size() >= MOST_READINGS) {
      throw new IllegalArgumentException(WORDS.say("enough", MOST_READINGS));
    }
    Optional<LightBook.Lit> known = book.of(place.get());
    double ppfd =
        sky == SpotLight.Sky.LAMP
            ? in.ppfd(
                value, known.map(lit -> lamp(lit, spotId)).orElse(LampForm.NONE).kindOrUsual())
            : in.ppfd(value);
    if (!Trust.canBe(ppfd)) {
      throw new IllegalArgumentException(WORDS.say("too-bright", words));
    }
    known.ifPresent(lit -> fits(lit, spotId, at, ppfd, sky));
    return Optional.of(readings.save(new LightReading(placeId, spotId, at, ppfd, words, sky)));
  }

  private static LampForm lamp(LightBook.Lit known, Long spotId) {
    return spotId == null
        ? known.drawn().window().lamp()
        : known.spot(spotId).map(spot -> spot.form().lamp()).orElse(LampForm.NONE);
  }

  /** Whether so much can have been read there and then. */
  private void fits(LightBook.Lit known, Long spotId, Instant at, double ppfd, SpotLight.Sky sky) {
    PlaceSpot spot =
        spotId == null
            ? null
            : known
                .spot(spotId)
                .orElseThrow(() -> new IllegalArgumentException(WORDS.say("which-stand")));
    boolean ofLamp = sky == SpotLight.Sky.LAMP;
    double expected =
        ofLamp
            ? LightBook.drawnAt(known, spot).lampPpfd()
            : book.stand(known, spot).expected(at, sky);
    if (expected <= 0) {
      throw new IllegalArgumentException(WORDS.say(ofLamp ? "no-lamp" : "dark"));
    }
    if (!Trust.fits(expected, ppfd)) {
      throw new IllegalArgumentException(WORDS.say("far", Math.round(ppfd), Math.round(expected)));
    }
  }

  /** The stands of a place besides the usual one, by id. */
  @Transactional(readOnly = true)
  Map<Long, String> standsOf(Long placeId) {
    Map<Long, String> names = new LinkedHashMap<>();
    places
        .find(placeId)
        .flatMap(book::of)
        .ifPresent(lit -> lit.spots().forEach(s -> names.put(s.id(), s.form().name())));
    return names;
  }

  /** Strikes a reading out; whether there was one. */
  boolean strike(Long readingId) {
    Optional<LightReading> reading = readings.byId(readingId);
    reading.ifPresent(readings::delete);
    return reading.isPresent();
  }

  /** The light where a plant stands and how it meets its wish; empty while it is not known. */
  @Transactional(readOnly = true)
  Optional<LightAtPlant> at(PlantView plant) {
    return book.of(plant.place())
        .map(
            known -> {
              Long stand = years().standing().get(plant.id());
              Optional<PlaceSpot> spot = known.spot(stand);
              SpotLight now = book.on(known, spot.orElse(null), scope.today());
              String said =
                  WORDS.say("at-plant", figure(now.dli()), figure(now.low()), figure(now.high()));
              return new LightAtPlant(
                  plant.place(),
                  now,
                  spot.map(one -> WORDS.say("on-stand", one.form().name(), said)).orElse(said),
                  words.standing(plant, now),
                  words.nights(plant, book.stand(known, spot.orElse(null)).lampHours()),
                  suns.burn(plant).map(burn -> burnt(plant, burn)).orElse(""));
            });
  }

  private String burnt(PlantView plant, SunHistory.Burn burn) {
    return WORDS.say(
        "burnt",
        Days.near(burn.day().day()),
        burn.day().after().directHours(),
        burn.moved(),
        burn.day().before().directHours(),
        knowledge.lightWish(plant.kind()).orElseThrow().burn().hours());
  }
}
