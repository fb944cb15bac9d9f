package org.mildlantern.app.feed;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mildlantern.core.feed.Element;
import org.mildlantern.core.feed.Mixture;
import org.mildlantern.core.feed.Solution;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Mixes several feeds to what is wished. */
@Service
@Transactional(readOnly = true)
class MixService {
  private static final Words WORDS = Words.of(MixService.class);
  private static final Solution PURE = new Solution(Map.of(), null, 0);

  /** A mix this near is as wished. */
  private static final double NEAR = 0.05;

  private final FeedProductRepository products;
  private final OwnWaterRepository waters;

  MixService(FeedProductRepository products, OwnWaterRepository waters) {
    this.products = products;
    this.waters = waters;
  }

  /**
   * The page.
   *
   * @param form null until a mix was asked for
   * @param litres of a can
   * @throws IllegalArgumentException for feeds that cannot be mixed to it
   */
  MixView view(MixForm form, double litres) {
    List<FeedProduct> dissolved =
        products.all().stream().filter(product -> !product.form().grains()).toList();
    return new MixView(
        dissolved.stream().map(FeedService::shown).toList(),
        waters.all().stream().map(water -> new MixView.Water(water.id(), water.name())).toList(),
        form == null ? null : mix(form, litres, dissolved));
  }

  private MixView.Mix mix(MixForm form, double litres, List<FeedProduct> all) {
    List<FeedProduct> chosen =
        all.stream().filter(product -> form.of().contains(product.id())).toList();
    if (chosen.isEmpty() || chosen.size() > Mixture.MOST) {
      throw new IllegalArgumentException(WORDS.say("mix-of", Mixture.MOST));
    }
    List<Mixture.Of> of =
        chosen.stream().map(p -> new Mixture.Of(p.name(), p.form().label())).toList();
    Map<Element, Double> wish = Mixture.wish(form.n(), parts(form));
    put(wish, Element.CA, form.ca());
    put(wish, Element.MG, form.mg());
    Solution water =
        Optional.ofNullable(form.water())
            .flatMap(waters::byId)
            .map(own -> own.sheet().solution())
            .orElse(PURE);
    Mixture mix = Mixture.nearest(of, wish, water);
    Map<String, ProductForm> byName =
        chosen.stream().collect(Collectors.toMap(FeedProduct::name, FeedProduct::form));
    List<Mixture.Of> taken = of.stream().filter(p -> mix.grams().containsKey(p.name())).toList();
    Solution inAll = taken.isEmpty() ? water : mix.feed().and(water);
    return new MixView.Mix(
        Mixture.order(taken).stream()
            .map(
                name ->
                    WORDS.say(
                        "mix-part",
                        name,
                        FeedService.amount(byName.get(name), mix.grams().get(name) * litres)))
            .toList(),
        of.stream().map(Mixture.Of::name).filter(name -> !mix.grams().containsKey(name)).toList(),
        gives(inAll, wish),
        WORDS.say(mix.off() <= NEAR ? "mix-near" : "mix-off", mix.off() * 100),
        WORDS.say("ec", inAll.ecMsCm()),
        form.stock() == null ? List.of() : tanks(mix, taken, form.stock()),
        mix.clashes().stream()
            .map(clash -> WORDS.say("clash", clash.one(), clash.other(), clash.falls().name()))
            .toList(),
        inAll.working());
  }

  private static List<Double> parts(MixForm form) {
    List<Double> parts = form.parts();
    if (parts.get(0) <= 0) {
      throw new IllegalArgumentException(WORDS.say("mix-nitrogen"));
    }
    return parts;
  }

  private static void put(Map<Element, Double> wish, Element element, Double ppm) {
    if (ppm != null) {
      wish.put(element, ppm);
    }
  }

  private static List<MixView.Gives> gives(Solution all, Map<Element, Double> wish) {
    List<MixView.Gives> gives = new ArrayList<>();
    for (Element element : Element.values()) {
      if (all.of(element) > 0.05 || wish.containsKey(element)) {
        gives.add(
            new MixView.Gives(
                element.symbol(),
                WORDS.say("ppm", all.of(element)),
                wish.containsKey(element) ? WORDS.say("wished", wish.get(element)) : ""));
      }
    }
    return gives;
  }

  /** One tank, or more where something would fall out in one. */
  private static List<String> tanks(Mixture mix, List<Mixture.Of> taken, double dilution) {
    List<String> tanks = new ArrayList<>();
    for (List<Mixture.Of> tank : Mixture.tanks(taken)) {
      double grams = tank.stream().mapToDouble(p -> mix.grams().get(p.name()) * dilution).sum();
      String what =
          tank.stream()
              .map(p -> WORDS.say("stock-part", mix.grams().get(p.name()) * dilution, p.name()))
              .collect(Collectors.joining(", "));
      tanks.add(
          WORDS.say("tank", tanks.size() + 1, what, dilution, grams > Mixture.STOCK_TAKES ? 1 : 0));
    }
    return tanks;
  }
}
