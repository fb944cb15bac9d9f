package org.mildlantern.core.reliability;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.random.RandomGenerator;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.diagnosis.Diagnostician;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.diagnosis.Question;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Check;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Level;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.Stage;

/**
 * Draws cases from the knowledge itself: a kind, its records, causes by their base rates, and the
 * signs that those causes bring about.
 */
final class Sampler {
  private static final int MOST_CAUSES = 3;

  private final Knowledge knowledge;
  private final Diagnostician diagnostician;
  private final List<Taxon> taxa;
  private final RandomGenerator random;

  Sampler(Knowledge knowledge, RandomGenerator random) {
    this.knowledge = knowledge;
    this.diagnostician = new Diagnostician(knowledge);
    this.taxa = List.copyOf(knowledge.taxa());
    this.random = random;
  }

  /**
   * A drawn case.
   *
   * @param causes ids of what is at work, perhaps nothing
   * @param present ids of the nodes that are there
   */
  record Drawn(Question bare, Set<String> causes, Set<String> present) {
    GrowthForm form() {
      return bare.kind().form();
    }

    Finding look(String node) {
      return present.contains(node) ? Finding.present(node) : Finding.absent(node);
    }
  }

  RandomGenerator random() {
    return random;
  }

  /** Draws a case with up to three causes, which is what the network holds to be possible. */
  Drawn draw() {
    Taxon taxon = taxa.get(random.nextInt(taxa.size()));
    Kind kind = knowledge.kind(taxon);
    LocalDate day = LocalDate.of(2026, 1, 1).plusDays(random.nextInt(365));
    Question bare = Question.of(kind, day, List.of(), circumstances());
    Map<Cause, Double> odds = diagnostician.posterior(bare).priorOdds();
    List<Cause> causes = new ArrayList<>();
    do {
      causes.clear();
      odds.forEach(
          (cause, o) -> {
            if (random.nextDouble() < o / (1 + o)) {
              causes.add(cause);
            }
          });
    } while (causes.size() > MOST_CAUSES);
    Set<String> ids = new HashSet<>();
    causes.forEach(cause -> ids.add(cause.id()));
    Lore lore = knowledge.lore(kind, Stage.GROWTH, day, bare.latitude());
    return new Drawn(bare, ids, signs(lore, causes));
  }

  private Set<String> signs(Lore lore, List<Cause> causes) {
    Set<String> present = new HashSet<>();
    for (Node node : knowledge.nodes()) {
      if (!knowledge.occursOn(node, lore.living().form())) {
        continue;
      }
      if (node.sign().of() != null) {
        continue;
      }
      List<Node> traits = knowledge.traitsOf(node);
      for (Cause cause : causes) {
        if (shows(cause, node)) {
          present.add(node.id());
          traits.stream().filter(trait -> shows(cause, trait)).map(Node::id).forEach(present::add);
        }
      }
      if (random.nextDouble() < lore.leak(node)) {
        present.add(node.id());
        traits.stream()
            .filter(trait -> random.nextDouble() < lore.leak(trait))
            .map(Node::id)
            .forEach(present::add);
      }
    }
    return present;
  }

  private boolean shows(Cause cause, Node node) {
    Level level = cause.signs().get(node.id());
    return level != null && random.nextDouble() < level.probability();
  }

  private Circumstances circumstances() {
    Map<String, Double> numbers = new HashMap<>();
    Map<String, String> choices = new HashMap<>();
    numbers.put("temperature", 20 + 4 * random.nextGaussian());
    numbers.put("humidity", Math.max(20, Math.min(95, 52 + 15 * random.nextGaussian())));
    numbers.put("days-since-arrival", (double) random.nextInt(1500));
    if (random.nextBoolean()) {
      numbers.put("days-since-feed", (double) random.nextInt(250));
      choices.put("water-used", random.nextBoolean() ? "tap" : "rain");
    }
    int moisture = random.nextInt(4);
    if (moisture == 0) {
      numbers.put("wet-days", (double) random.nextInt(20));
    } else if (moisture == 1) {
      numbers.put("dry-days", (double) random.nextInt(10));
    }
    int pace = random.nextInt(6);
    if (pace < 2) {
      choices.put("pace", pace == 0 ? "faster" : "slower");
    }
    return new Circumstances(numbers, choices, Set.of());
  }

  /** Some looks chosen without knowing the answers, each with a few of the things to look for. */
  List<Finding> looks(Drawn drawn, int checks, int nodesEach) {
    List<Check> all = new ArrayList<>(knowledge.checks());
    List<Finding> findings = new ArrayList<>();
    for (int c = 0; c < checks; c++) {
      Check check = all.remove(random.nextInt(all.size()));
      List<Node> nodes = new ArrayList<>(knowledge.nodesOf(drawn.form(), check));
      for (int n = 0; n < nodesEach && !nodes.isEmpty(); n++) {
        findings.add(drawn.look(nodes.remove(random.nextInt(nodes.size())).id()));
      }
    }
    return findings;
  }
}
