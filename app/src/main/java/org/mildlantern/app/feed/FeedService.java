package org.mildlantern.app.feed;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.feed.Can;
import org.mildlantern.core.feed.Element;
import org.mildlantern.core.feed.FeedCheck;
import org.mildlantern.core.feed.Label;
import org.mildlantern.core.feed.SaltStory;
import org.mildlantern.core.journal.Fed;
import org.mildlantern.core.journal.Strength;
import org.mildlantern.core.knowledge.Factor;
import org.mildlantern.core.knowledge.Feeding;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.words.Words;
import org.mildlantern.core.working.Working;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the feeds of the collection, and works out today’s cans. */
@Service
@Transactional
public class FeedService {
  private static final Words WORDS = Words.of(FeedService.class);
  private static final int MOST = 40;
  private static final String FLUORIDE = "fluoride";

  /** A feed with more of its nitrogen as urea is worth little where nothing turns it. */
  private static final double MUCH_UREA = 0.4;

  private final FeedProductRepository products;
  private final Waters waters;
  private final FeedPlants checks;
  private final PotSaltService salts;
  private final Flushing flushing;
  private final PlantService plants;
  private final JournalService journal;
  private final Knowledge knowledge;
  private final Scope scope;

  FeedService(
      FeedProductRepository products,
      Waters waters,
      FeedPlants checks,
      PotSaltService salts,
      Flushing flushing,
      PlantService plants,
      JournalService journal,
      Knowledge knowledge,
      Scope scope) {
    this.products = products;
    this.waters = waters;
    this.checks = checks;
    this.salts = salts;
    this.flushing = flushing;
    this.plants = plants;
    this.journal = journal;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /**
   * Keeps a feed.
   *
   * @param id null for a new one
   * @return whether there is such a one
   * @throws IllegalArgumentException where its figures cannot be together, its name is taken, or
   *     there are too many
   */
  boolean save(Long id, ProductForm form) {
    form.label();
    List<FeedProduct> all = products.all();
    if (id == null && all.size() >= MOST) {
      throw new IllegalArgumentException(WORDS.say("feeds-enough", MOST));
    }
    if (all.stream()
        .anyMatch(
            other ->
                !other.id().equals(id) && other.name().equalsIgnoreCase(form.name().strip()))) {
      throw new IllegalArgumentException(WORDS.say("name-taken"));
    }
    Optional<FeedProduct> product =
        id == null ? Optional.of(FeedProduct.fresh()) : products.byId(id);
    product.ifPresent(
        one -> {
          one.describe(form);
          products.save(one);
        });
    return product.isPresent();
  }

  boolean remove(Long id) {
    Optional<FeedProduct> product = products.byId(id);
    product.ifPresent(products::delete);
    return product.isPresent();
  }

  @Transactional(readOnly = true)
  Optional<ProductForm> form(Long id) {
    return products.byId(id).map(FeedProduct::form);
  }

  /**
   * Today’s cans.
   *
   * @param productId with which they are mixed, or null for the first that has nitrogen
   * @param litres of a can
   */
  @Transactional(readOnly = true)
  FeedView today(Long productId, double litres) {
    List<FeedProduct> all = products.all();
    List<FeedPlants.Checked> checked = checks.check(plants.kept());
    List<FeedPlants.Checked> fed = checked.stream().filter(FeedPlants.Checked::fed).toList();
    FeedProduct product =
        best(
                all.stream()
                    .filter(one -> productId == null || one.id().equals(productId))
                    .toList(),
                fed)
            .orElse(null);
    Map<Long, FeedPlants.Checked> byId =
        fed.stream().collect(Collectors.toMap(one -> one.plant().id(), Function.identity()));
    List<FeedView.Can> cans =
        product == null || fed.isEmpty()
            ? List.of()
            : Can.of(checks.asking(fed), waters.atHand(), product.form().label()).stream()
                .map(can -> shown(can, product, litres, byId))
                .toList();
    return new FeedView(
        all.stream().map(FeedService::shown).toList(),
        product == null ? null : shown(product),
        litres,
        product == null ? "" : caution(product.form().label(), fed),
        cans,
        notToday(checked),
        checked.stream()
            .flatMap(
                one ->
                    knowledge
                        .feeding()
                        .traps(one.plant().kind())
                        .map(trap -> new FeedView.Trapped(one.plant(), trapWords(one, trap)))
                        .stream())
            .toList(),
        waters.none());
  }

  /** The feed that suits plants best; empty without one. */
  @Transactional(readOnly = true)
  Optional<Long> best(List<FeedPlants.Checked> fed) {
    return best(products.all(), fed).map(FeedProduct::id);
  }

  private static Optional<FeedProduct> best(List<FeedProduct> all, List<FeedPlants.Checked> fed) {
    return all.stream()
        .filter(one -> one.form().n() > 0 && !one.form().grains())
        .min(Comparator.comparingDouble(one -> unfit(one.form().label(), fed)));
  }

  /** How far a product is from what plants that are fed today ask for; 0 fits. */
  private static double unfit(Label label, List<FeedPlants.Checked> fed) {
    return fed.stream().mapToDouble(one -> one.programme().unlike(label)).sum();
  }

  private String trapWords(FeedPlants.Checked one, Feeding.TrapFeed trap) {
    boolean rests = one.plant().resting(scope.today(), scope.latitude());
    return rests && trap.growing() ? WORDS.say("traps-rest") : trap.what();
  }

  static FeedView.Product shown(FeedProduct product) {
    ProductForm form = product.form();
    Label label = form.label();
    return new FeedView.Product(
        product.id(),
        product.name(),
        form.printed(),
        WORDS.say(
            "product",
            label.of(Element.N),
            label.of(Element.P),
            label.of(Element.K),
            Element.P.asOxide(label.of(Element.P)),
            Element.K.asOxide(label.of(Element.K))));
  }

  private static String caution(Label label, List<FeedPlants.Checked> fed) {
    boolean urea =
        label.forms() != null
            && label.forms().ureaShare() > MUCH_UREA
            && fed.stream().anyMatch(one -> !one.programme().urea());
    return urea ? WORDS.say("urea", label.forms().ureaShare() * 100) : "";
  }

  private static FeedView.Can shown(
      Can can, FeedProduct product, double litres, Map<Long, FeedPlants.Checked> byId) {
    return new FeedView.Can(
        can.ppm(),
        WORDS.say("can", can.ppm()),
        amount(product.form(), can.gramsPerLitre() * litres),
        WaterService.blend(can.water(), litres),
        WORDS.say("ec", can.ecMsCm()),
        WORDS.say("drink", can.litres(), Math.ceil(can.litres() / litres)),
        can.tooHard() ? WORDS.say("too-hard") : "",
        can.asking().stream().map(asking -> byId.get(asking.plant()).plant()).toList(),
        product.form().label().at(can.gramsPerLitre()).working());
  }

  /** So much of a product, by weight, or by volume where it is a liquid of known density. */
  static String amount(ProductForm product, double grams) {
    if (!product.liquid()) {
      return WORDS.say("grams", figure(grams));
    }
    return product.density() == null
        ? WORDS.say("grams-liquid", figure(grams))
        : WORDS.say("ml", figure(grams / product.density()));
  }

  private static String figure(double value) {
    return String.format(Locale.ROOT, value < 1 ? "%.2f" : value < 10 ? "%.1f" : "%.0f", value);
  }

  private static List<FeedView.NotToday> notToday(List<FeedPlants.Checked> checked) {
    Map<FeedCheck.Why, List<String>> by = new EnumMap<>(FeedCheck.Why.class);
    for (FeedPlants.Checked one : checked) {
      if (!one.fed()) {
        by.computeIfAbsent(one.check().why(), why -> new ArrayList<>())
            .add(
                one.check().next() == null
                    ? one.plant().name()
                    : WORDS.say("until", one.plant().name(), Days.near(one.check().next())));
      }
    }
    List<FeedView.NotToday> all = new ArrayList<>();
    by.forEach((why, names) -> all.add(new FeedView.NotToday(WORDS.say("why", why.name()), names)));
    return all;
  }

  /**
   * Notes that plants were fed.
   *
   * @param ppm nitrogen
   * @return what was noted
   * @throws IllegalArgumentException for a strength that no can has
   */
  List<Entry> given(List<Long> plantIds, double ppm, Long productId) {
    if (Can.strength(ppm) != ppm) {
      throw new IllegalArgumentException(WORDS.say("no-such-can"));
    }
    String analysis =
        products.byId(productId).map(product -> product.form().printed()).orElse(null);
    Set<Long> wished = Set.copyOf(plantIds);
    return plants.kept().stream()
        .filter(plant -> wished.contains(plant.id()))
        .map(
            plant ->
                journal.write(
                    new Entry(
                        plant.id(), scope.now(), new Fed(null, ppm, analysis, Strength.NOT_SAID))))
        .toList();
  }

  /**
   * What a plant asks of feed.
   *
   * @param why what speaks for or against a feed today, with {@code now} in words
   * @param bears salts and water that it bears
   * @param traps how its traps are fed, or empty
   * @param wrongWater what is said where the water that it is given is not for it; or empty
   * @param salts what is in its pot, or null while that is not known
   */
  public record AtPlant(
      Long plant,
      FeedCheck.Why why,
      String now,
      String says,
      String bears,
      String wrongWater,
      String traps,
      Salts salts) {}

  /**
   * The salts of a pot.
   *
   * @param level of a gauge on which the limit stands at 60, 0 to 100
   */
  public record Salts(String words, String next, double level, boolean over, Working working) {}

  private String wrongWater(FeedPlants.Checked one) {
    if (one.plant().waterUsed() == null) {
      return "";
    }
    double given = salts.stores().waters().of(one.plant().waterUsed()).ec().value();
    return given <= one.water() ? "" : WORDS.say("wrong-water", (double) Math.round(given));
  }

  private Salts salts(PlantView plant, SaltStory story) {
    String next =
        story.isOver()
            ? switch (flushing.may(plant)) {
              case ILL -> WORDS.say("flush-ill");
              case AT_REST -> WORDS.say("flush-later");
              case NO_HOLE -> WORDS.say("flush-no-hole");
              case YES ->
                  salts
                      .flush(story)
                      .map(f -> WORDS.say("flush", f.litres(), f.water()))
                      .orElse(WORDS.say("no-flush"));
            }
            : story.days().isPresent()
                ? WORDS.say("will-pass", Math.round(story.days().getAsDouble()))
                : WORDS.say("stays-under");
    return new Salts(
        WORDS.say("salts", story.ec().value(), story.ec().low(), story.ec().high(), story.limit()),
        next,
        Math.min(100, story.pot().ecFull() / story.limit() * 60),
        story.isOver(),
        story.working());
  }

  /** What its way of life asks for, whether leaves take feed, and what else in water harms it. */
  private static String says(FeedPlants.Checked one) {
    String leaves =
        one.programme().leaf()
            ? " " + WORDS.say("on-leaves")
            : one.programme().roots() ? " " + WORDS.say("not-on-leaves") : "";
    Factor prone = one.plant().kind().prone().get(FLUORIDE);
    String water = prone != null && prone.odds() > 1 ? " " + WORDS.say("shuns-fluoride") : "";
    return one.programme().say() + leaves + water;
  }

  @Transactional(readOnly = true)
  public AtPlant at(PlantView plant) {
    FeedPlants.Checked one = checks.check(List.of(plant)).get(0);
    LocalDate next = one.check().next();
    return new AtPlant(
        plant.id(),
        one.check().why(),
        one.fed()
            ? WORDS.say("feed-now", one.check().ppm())
            : WORDS.say("why", one.check().why().name())
                + (next == null ? "" : WORDS.say("next", Days.near(next))),
        says(one),
        WORDS.say("bears-salts", one.salts(), one.water(), one.lime()),
        wrongWater(one),
        knowledge.feeding().traps(plant.kind()).map(trap -> trapWords(one, trap)).orElse(""),
        Optional.ofNullable(salts.ofMany(List.of(plant)).get(plant.id()))
            .map(story -> salts(plant, story))
            .orElse(null));
  }
}
