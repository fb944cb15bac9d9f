package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;
import org.mildlantern.core.words.Sentence;

/** What is known of hurt plants: what to do with their parts, and how likely they live. */
public final class Rescue {
  private final Table<Rule> rules;
  private final Table<Odds> odds;

  /** What a rule is about. */
  public enum Do {
    @JsonProperty("cut")
    CUT,
    @JsonProperty("trim")
    TRIM,
    @JsonProperty("leave")
    LEAVE,
    @JsonProperty("tools")
    TOOLS,
    @JsonProperty("bin")
    BIN,
    @JsonProperty("seal")
    SEAL,
    @JsonProperty("after")
    AFTER
  }

  /**
   * A rule; what it does not name it is for all of.
   *
   * @param causes ids of the causes that it is for
   */
  public record Rule(
      String id,
      @JsonProperty("do") Do part,
      List<String> causes,
      List<String> families,
      List<String> forms,
      String text) {

    public Rule {
      causes = causes == null ? List.of() : causes;
      families = families == null ? List.of() : families;
      forms = forms == null ? List.of() : forms;
    }

    public boolean fits(Cause cause, GrowthForm form) {
      return (causes.isEmpty() || causes.contains(cause.id()))
          && (families.isEmpty() || families.contains(cause.family()))
          && form.isAmong(forms, List.of());
    }
  }

  /**
   * What something found adds to the odds.
   *
   * @param found what must have been found, none of {@code unless} with it
   * @param say takes leaves and bulbs
   */
  public record Odds(
      String id,
      List<String> forms,
      List<String> notForms,
      Set<Found> found,
      Set<Found> unless,
      double decibans,
      Sentence say) {

    public Odds {
      forms = forms == null ? List.of() : forms;
      notForms = notForms == null ? List.of() : notForms;
      unless = unless == null ? Set.of() : unless;
    }

    public boolean fits(GrowthForm form, Set<Found> all) {
      return form.isAmong(forms, notForms)
          && all.containsAll(found)
          && unless.stream().noneMatch(all::contains);
    }
  }

  /** What may be found of a hurt plant. */
  public enum Found {
    @JsonProperty("undone-fully")
    UNDONE_FULLY,
    @JsonProperty("undone-partly")
    UNDONE_PARTLY,
    @JsonProperty("stays")
    STAYS,
    @JsonProperty("crown-sound")
    CROWN_SOUND,
    @JsonProperty("crown-lost")
    CROWN_LOST,
    @JsonProperty("leaves-not-looked-at")
    LEAVES_NOT_LOOKED_AT,
    @JsonProperty("leaves-none")
    LEAVES_NONE,
    @JsonProperty("leaves-few")
    LEAVES_FEW,
    @JsonProperty("leaves-some")
    LEAVES_SOME,
    @JsonProperty("bulbs-none")
    BULBS_NONE,
    @JsonProperty("bulbs-few")
    BULBS_FEW,
    @JsonProperty("bulbs-some")
    BULBS_SOME,
    @JsonProperty("wood-none")
    WOOD_NONE,
    @JsonProperty("wood-few")
    WOOD_FEW,
    @JsonProperty("wood-most")
    WOOD_MOST,
    @JsonProperty("base-firm")
    BASE_FIRM,
    @JsonProperty("base-soft")
    BASE_SOFT,
    @JsonProperty("roots-none")
    ROOTS_NONE,
    @JsonProperty("roots-few")
    ROOTS_FEW,
    @JsonProperty("roots-most")
    ROOTS_MOST
  }

  Rescue(Shelf shelf, Knowledge knowledge) {
    rules = shelf.table("rule", "care/salvage.yaml", "salvage", Rule.class);
    odds = shelf.table("line", "care/odds.yaml", "odds", Odds.class);
    Set<String> families =
        knowledge.causes().stream().map(Cause::family).collect(Collectors.toSet());
    for (Rule rule : rules) {
      shelf.refers(rules, rule.id(), "causes", rule.causes(), knowledge.causes());
      shelf.named(rules, rule.id(), "families", rule.families(), families, "family");
      knowledge.checkForms(shelf, rules, rule.id(), "forms", rule.forms());
    }
    for (Odds line : odds) {
      knowledge.checkForms(shelf, odds, line.id(), "forms", line.forms());
      knowledge.checkForms(shelf, odds, line.id(), "not-forms", line.notForms());
      shelf.places(odds, line.id(), "say", line.say().names(), Set.of("leaves", "bulbs"));
    }
  }

  public Collection<Rule> rules() {
    return rules;
  }

  public Collection<Odds> odds() {
    return odds;
  }
}
