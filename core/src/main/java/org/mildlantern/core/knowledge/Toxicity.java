package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;

/**
 * What plants of some genera do to those who bite or touch them.
 *
 * @param who for whom that is known
 * @param part what does it, and how
 * @param people what its keeper should mind, or null
 */
public record Toxicity(
    String id, List<String> genera, Step step, List<String> who, String part, String people) {

  /** How bad it is, the least first. */
  public enum Step {
    @JsonProperty("safe")
    SAFE("safe"),
    @JsonProperty("untested")
    UNTESTED("not known to be poisonous, and not tested"),
    @JsonProperty("upset")
    UPSET("upsets the stomach"),
    @JsonProperty("irritant")
    IRRITANT("irritant"),
    @JsonProperty("poisonous")
    POISONOUS("poisonous"),
    @JsonProperty("deadly")
    DEADLY("deadly: it can kill");

    private final String label;

    Step(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /** Whether a bite is a reason to ask for help. */
  public boolean harmful() {
    return step.compareTo(Step.UPSET) >= 0;
  }

  /** Whether touching it, or its sap, is known to hurt people. */
  public boolean hurtsPeople() {
    return harmful() && (people != null || who.contains("people"));
  }

  /** For whom and by what, in words. */
  public String words() {
    return step == Step.UNTESTED ? part : "for " + listed() + ": " + part;
  }

  private String listed() {
    return who.size() == 1
        ? who.get(0)
        : String.join(", ", who.subList(0, who.size() - 1)) + " and " + who.get(who.size() - 1);
  }
}
