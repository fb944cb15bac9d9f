package org.mildlantern.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.diagnosis.Diagnostician;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.diagnosis.Question;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.season.Stage;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Posterior, evidence and next checks for fifteen findings on the shipped knowledge. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 6, time = 2)
@Fork(1)
public class DiagnosisBenchmark {
  private static final List<String> PRESENT =
      List.of(
          "limp-leaves@all-leaves",
          "yellowing@old-leaves",
          "medium-soggy@medium",
          "gnats-seen@medium",
          "brown-tips@tips");
  private static final List<String> ABSENT =
      List.of(
          "stipple@old-leaves",
          "webbing@joints",
          "cotton@joints",
          "domed-bumps@underside",
          "soft-base@stem-base",
          "halo-spots@scattered",
          "salt-crust@medium",
          "outer-water@pot",
          "in-draught@around",
          "near-heater@around");

  private Knowledge knowledge;
  private Diagnostician diagnostician;
  private Question question;
  private double[] odds;
  private double[][] no;
  private double[] leakNo;
  private boolean[] present;

  @Setup
  public void prepare() {
    knowledge = Library.shipped().knowledge();
    diagnostician = new Diagnostician(knowledge);
    GrowthForm form = knowledge.forms().find("leafy-stem").orElseThrow();
    List<Finding> findings = new ArrayList<>();
    PRESENT.forEach(node -> findings.add(Finding.present(node)));
    ABSENT.forEach(node -> findings.add(Finding.absent(node)));
    question =
        Question.of(
            knowledge.kind(form),
            LocalDate.of(2026, 11, 23),
            findings,
            new Circumstances(Map.of("wet-days", 12.0), Map.of(), Set.of()));
    Lore lore = knowledge.lore(knowledge.kind(form), Stage.GROWTH, false);
    List<Cause> causes = lore.causes();
    odds = causes.stream().mapToDouble(c -> c.rateFor(form).probability()).toArray();
    no = new double[findings.size()][causes.size()];
    leakNo = new double[findings.size()];
    present = new boolean[findings.size()];
    for (int f = 0; f < findings.size(); f++) {
      Node node = knowledge.node(findings.get(f).key()).orElseThrow();
      leakNo[f] = 1 - lore.leak(node);
      present[f] = findings.get(f).present();
      for (int i = 0; i < causes.size(); i++) {
        var level = causes.get(i).signs().get(node.id());
        no[f][i] = level == null ? 1 : 1 - level.probability();
      }
    }
  }

  /** The whole answer: posterior, evidence of every cause, next checks, working. */
  @Benchmark
  public Diagnosis diagnosis() {
    return diagnostician.diagnose(question);
  }

  /** The posterior alone, by plain enumeration over every set of up to three causes. */
  @Benchmark
  public double[] plainEnumeration() {
    int n = odds.length;
    double[] marginals = new double[n];
    double total = weigh(marginals);
    for (int i = 0; i < n; i++) {
      total += weigh(marginals, i);
      for (int j = i + 1; j < n; j++) {
        total += weigh(marginals, i, j);
        for (int k = j + 1; k < n; k++) {
          total += weigh(marginals, i, j, k);
        }
      }
    }
    for (int i = 0; i < n; i++) {
      marginals[i] /= total;
    }
    return marginals;
  }

  private double weigh(double[] marginals, int... set) {
    double weight = 1;
    for (int cause : set) {
      weight *= odds[cause];
    }
    for (int f = 0; f < no.length; f++) {
      double absent = leakNo[f];
      for (int cause : set) {
        absent *= no[f][cause];
      }
      weight *= present[f] ? 1 - absent : absent;
    }
    for (int cause : set) {
      marginals[cause] += weight;
    }
    return weight;
  }
}
