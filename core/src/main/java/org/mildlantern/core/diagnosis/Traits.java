package org.mildlantern.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.knowledge.Node;

/**
 * A sign and its traits at one place, as one observation: a ring round a spot is no second piece of
 * evidence for a spot.
 *
 * <p>Each cause shows the sign with a chance {@code a} of its own, and then each trait with a
 * chance {@code r}; the traits of one cause's spots are independent. None of the traits X is there
 * with {@code Π (1 − a (1 − Π (1 − r)))}, the outer product over the causes and the leak; all else
 * follows by inclusion and exclusion.
 */
final class Traits {
  private final Shown sign;
  private final List<Shown> traits;

  Traits(Shown sign, List<Shown> traits) {
    this.sign = sign;
    this.traits = traits;
  }

  /**
   * Takes findings of a sign and of its traits at one place together.
   *
   * @param whole the finding of the sign itself, or null when it was not said
   * @param traits findings of its traits, at least one
   */
  static Observation observe(
      Finding whole, List<Finding> traits, List<Cause> causes, Lore lore, Knowledge knowledge) {
    boolean anyTrait = traits.stream().anyMatch(Finding::present);
    if (whole != null && !whole.present() && !anyTrait) {
      return Observation.of(whole, meant(whole, knowledge), causes, lore, knowledge);
    }
    Finding first = traits.get(0);
    Traits all =
        new Traits(
            Shown.of(
                knowledge.meant(sign(first, knowledge), first.pattern()), causes, lore, knowledge),
            traits.stream()
                .map(trait -> Shown.of(meant(trait, knowledge), causes, lore, knowledge))
                .toList());
    boolean spot = whole != null && whole.present();
    List<Likelihood.Term> terms = all.terms(spot, traits.stream().map(Finding::present).toList());
    List<Finding> said = new ArrayList<>(spot ? List.of(whole) : List.of());
    said.addAll(traits);
    boolean present = spot || anyTrait;
    return new Observation(
        said.get(0).key(),
        said.stream()
            .map(finding -> Observation.label(finding, knowledge))
            .collect(Collectors.joining("; ")),
        present,
        said.stream().flatMap(one -> meant(one, knowledge).stream()).map(Node::id).toList(),
        Likelihood.of(terms),
        all.shown(terms, present),
        all.leak(terms, present));
  }

  private static List<Node> meant(Finding finding, Knowledge knowledge) {
    return knowledge.meant(finding.sign(), finding.pattern());
  }

  /** The id of the sign that a trait belongs to. */
  private static String sign(Finding trait, Knowledge knowledge) {
    return knowledge.signs().find(trait.sign()).orElseThrow().of();
  }

  /**
   * The chance of what was said.
   *
   * @param spot whether the sign itself was said to be there; else nothing was said of it
   * @param said for each trait whether it is there
   */
  Likelihood likelihood(boolean spot, List<Boolean> said) {
    return Likelihood.of(terms(spot, said));
  }

  private List<Likelihood.Term> terms(boolean spot, List<Boolean> said) {
    List<Integer> there = new ArrayList<>();
    List<Integer> not = new ArrayList<>();
    for (int t = 0; t < said.size(); t++) {
      (said.get(t) ? there : not).add(t);
    }
    List<Likelihood.Term> terms = new ArrayList<>();
    for (int subset = 0; subset < 1 << there.size(); subset++) {
      List<Integer> none = new ArrayList<>(not);
      for (int t = 0; t < there.size(); t++) {
        if ((subset >> t & 1) == 1) {
          none.add(there.get(t));
        }
      }
      terms.add(none(Integer.bitCount(subset) % 2 == 0 ? 1 : -1, none));
    }
    if (spot && there.isEmpty()) {
      double[] noSpot = new double[sign.by().length];
      for (int i = 0; i < noSpot.length; i++) {
        noSpot[i] = 1 - sign.by()[i];
      }
      terms.add(new Likelihood.Term(-(1 - sign.leak()), noSpot));
    }
    return terms;
  }

  /** The chance that none of these traits is there. */
  private Likelihood.Term none(int factor, List<Integer> of) {
    double[] no = new double[sign.by().length];
    for (int i = 0; i < no.length; i++) {
      double a = sign.by()[i];
      double bare = 1;
      for (int t : of) {
        bare *= 1 - share(traits.get(t).by()[i], a);
      }
      no[i] = 1 - a * (1 - bare);
    }
    double bare = 1;
    for (int t : of) {
      bare *= 1 - share(traits.get(t).leak(), sign.leak());
    }
    return new Likelihood.Term(factor * (1 - sign.leak() * (1 - bare)), no);
  }

  private static double share(double trait, double whole) {
    return whole == 0 ? 0 : Math.min(1, trait / whole);
  }

  private double[] shown(List<Likelihood.Term> terms, boolean present) {
    double[] shown = new double[sign.by().length];
    for (int i = 0; i < shown.length; i++) {
      double seen = 0;
      for (Likelihood.Term term : terms) {
        seen += Math.signum(term.factor()) * term.no()[i];
      }
      shown[i] = present ? seen : 1 - seen;
    }
    return shown;
  }

  private double leak(List<Likelihood.Term> terms, boolean present) {
    double seen = terms.stream().mapToDouble(Likelihood.Term::factor).sum();
    return present ? seen : 1 - seen;
  }
}
