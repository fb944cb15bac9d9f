package org.mildlantern.core.reliability;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.stream.Collectors;
import org.mildlantern.core.diagnosis.Diagnostician;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.diagnosis.NextCheck;
import org.mildlantern.core.diagnosis.Posterior;
import org.mildlantern.core.diagnosis.Question;
import org.mildlantern.core.knowledge.Check;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Node;

/**
 * How many looks it takes until one cause is at 80 %, asking what is suggested first or asking at
 * random. Each look answers at most four things, as on the page; both start from the same single
 * sign, and stop at {@value #MOST} looks.
 *
 * @param suggested mean number of looks in the suggested order
 * @param random mean number in a random order
 */
public record CheckOrder(int cases, double suggested, double random) {
  private static final double SURE = 0.8;
  private static final int MOST = 20;
  private static final int NODES_EACH = 4;

  public double share() {
    return suggested / random;
  }

  public static CheckOrder of(Knowledge knowledge, int cases, RandomGenerator random) {
    Sampler sampler = new Sampler(knowledge, random);
    CheckOrderRun run = new CheckOrderRun(knowledge, sampler.random());
    int suggestedLooks = 0;
    int randomLooks = 0;
    int done = 0;
    while (done < cases) {
      Sampler.Drawn drawn = sampler.draw();
      if (drawn.causes().isEmpty() || drawn.present().isEmpty()) {
        continue;
      }
      List<String> present = drawn.present().stream().sorted().toList();
      Finding first = Finding.present(present.get(sampler.random().nextInt(present.size())));
      suggestedLooks += run.count(drawn, first, true);
      randomLooks += run.count(drawn, first, false);
      done++;
    }
    return new CheckOrder(cases, suggestedLooks / (double) cases, randomLooks / (double) cases);
  }

  private record CheckOrderRun(Knowledge knowledge, RandomGenerator random) {

    int count(Sampler.Drawn drawn, Finding first, boolean inOrder) {
      Diagnostician diagnostician = new Diagnostician(knowledge);
      List<Finding> findings = new ArrayList<>(List.of(first));
      for (int looks = 0; looks < MOST; looks++) {
        Question question = drawn.bare().with(findings);
        Posterior posterior = diagnostician.posterior(question);
        if (posterior.highest() >= SURE) {
          return looks;
        }
        List<Node> asked = inOrder ? suggested(posterior) : List.of();
        if (asked.isEmpty()) {
          asked = atRandom(drawn, findings);
        }
        if (asked.isEmpty()) {
          return MOST;
        }
        asked.forEach(node -> findings.add(drawn.look(node.id())));
      }
      return MOST;
    }

    private static List<Node> suggested(Posterior posterior) {
      List<NextCheck> checks = posterior.nextChecks(1);
      return checks.isEmpty() ? List.of() : checks.get(0).nodes();
    }

    private List<Node> atRandom(Sampler.Drawn drawn, List<Finding> findings) {
      Set<String> known = findings.stream().map(Finding::key).collect(Collectors.toSet());
      List<Check> checks = new ArrayList<>(knowledge.checks());
      while (!checks.isEmpty()) {
        Check check = checks.remove(random.nextInt(checks.size()));
        List<Node> open =
            new ArrayList<>(
                knowledge.nodesOf(drawn.form(), check).stream()
                    .filter(node -> !known.contains(node.id()))
                    .toList());
        if (!open.isEmpty()) {
          List<Node> asked = new ArrayList<>();
          while (asked.size() < NODES_EACH && !open.isEmpty()) {
            asked.add(open.remove(random.nextInt(open.size())));
          }
          return asked;
        }
      }
      return List.of();
    }
  }
}
