package org.mildlantern.app.mixing;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.treatment.Dose;
import org.mildlantern.core.treatment.Gauge;
import org.mildlantern.core.words.Words;

/** Doses of a treatment from the cabinet, each by the rate that its label gives for that use. */
public final class Doses {
  private static final Words WORDS = Words.of(Doses.class);

  private Doses() {}

  /**
   * What is treated.
   *
   * @param outdoors where the plant stands
   * @param pest id of the pest or disease
   */
  public record For(boolean outdoors, String pest) {}

  /**
   * The dose of each means of which a labelled bottle is there, by id; one whose label lists no
   * such use, or that cannot be measured, says so instead.
   *
   * @param litres of mix for each means that is mixed
   */
  public static Map<String, CabinetView.Dosed> of(
      List<Means> means,
      Map<String, Double> litres,
      For what,
      List<CabinetView> bottles,
      List<Gauge> gauges) {
    Map<String, CabinetView.Dosed> doses = new HashMap<>();
    for (Means one : means) {
      List<CabinetView> of =
          bottles.stream()
              .filter(item -> item.means() != null && item.means().id().equals(one.id()))
              .filter(item -> !item.kept().away() && !item.kept().expired())
              .filter(item -> !item.rates().isEmpty() && item.stock().amountLeft() > 0)
              .toList();
      of.stream()
          .flatMap(
              item -> dose(item, one, litres.getOrDefault(one.id(), 0.0), what, gauges).stream())
          .min(Comparator.comparing(dosed -> dosed.problem() != null))
          .or(() -> of.stream().findFirst().map(Doses::notLabelled))
          .ifPresent(dosed -> doses.put(one.id(), dosed));
    }
    return doses;
  }

  private static Optional<CabinetView.Dosed> dose(
      CabinetView item, Means means, double litres, For what, List<Gauge> gauges) {
    return item.rates().stream()
        .filter(rate -> rate.covers(means.as(what.pest()), what.outdoors(), what.pest()))
        .min(Comparator.comparing(rate -> rate.use().against().isEmpty()))
        .flatMap(
            rate -> {
              boolean each = rate.rate().each();
              double of = each ? 1 : litres;
              if (of <= 0 || !each && !rate.rate().mixed()) {
                return Optional.empty();
              }
              try {
                return Optional.of(
                    new CabinetView.Dosed(item, rate, Dose.of(rate.rate(), of, gauges), null));
              } catch (IllegalArgumentException e) {
                return Optional.of(new CabinetView.Dosed(item, rate, null, e.getMessage()));
              }
            });
  }

  private static CabinetView.Dosed notLabelled(CabinetView item) {
    boolean unsaid = item.rates().stream().anyMatch(rate -> rate.use() == null);
    return new CabinetView.Dosed(
        item, null, null, WORDS.say(unsaid ? "use-unsaid" : "not-labelled", item.name()));
  }
}
