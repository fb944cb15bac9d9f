package org.mildlantern.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.NameChoice;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.words.Words;

/**
 * The name of a plant out of the columns that may tell it: the first that is known; what else it is
 * called is noted.
 *
 * @param name empty when no column tells one
 * @param also other names that the row tells
 * @param cell what to say of the column with the name
 * @param form id of how it is built, for a name that is not known; null for one that is
 */
record Names(String name, List<String> also, Cell cell, String form) {
  private static final Words WORDS = Words.of(Names.class);

  private static final int LONGEST = 120;

  /**
   * What the columns of a row say.
   *
   * @param name of the column for names, or empty
   */
  record Told(String name, String genus, String species, String cultivar, String common) {

    List<String> candidates() {
      String epithet =
          genus.isEmpty() || species.startsWith(genus) ? species : genus + " " + species;
      String whole = (epithet.isEmpty() ? genus : epithet).strip();
      String with = cultivar.isEmpty() || whole.isEmpty() ? whole : whole + " " + quoted(cultivar);
      return Stream.of(name, with, whole.isEmpty() ? cultivar : "", common)
          .map(text -> text.strip().replaceAll("\\s+", " "))
          .filter(text -> !text.isEmpty())
          .distinct()
          .toList();
    }

    private static String quoted(String cultivar) {
      return cultivar.matches("['‘\"“].*") ? cultivar : "'" + cultivar + "'";
    }
  }

  /**
   * Finds the name.
   *
   * @param text of the cell in which the grower would mend it
   * @param form id of how it is built, as another cell says, or null
   */
  static Names of(Told told, String text, String form, Knowledge knowledge) {
    List<String> candidates = told.candidates();
    if (candidates.isEmpty()) {
      return new Names("", List.of(), Cell.bad(text, WORDS.say("needed")), null);
    }
    if (candidates.stream().anyMatch(each -> each.length() > LONGEST)) {
      return new Names("", List.of(), Cell.bad(text, WORDS.say("long", LONGEST)), null);
    }
    Optional<String> known =
        candidates.stream().filter(each -> knowledge.taxonNamed(each).isPresent()).findFirst();
    String name = known.orElse(candidates.get(0));
    List<String> also = new ArrayList<>(candidates);
    also.remove(name);
    if (known.isPresent()) {
      Taxon taxon = knowledge.taxonNamed(name).orElseThrow();
      boolean said = knowledge.isNamed(taxon, name) && name.equalsIgnoreCase(taxon.name());
      Cell cell = said ? Cell.good(text) : Cell.taken(text, taxon.name());
      return new Names(name, also, cell, null);
    }
    if (form != null) {
      return new Names(name, also, Cell.good(text), form);
    }
    String why = WORDS.say(knowledge.isAmbiguous(name) ? "several" : "unknown");
    Cell cell =
        Cell.bad(text, why, () -> knowledge.choicesLike(name).stream().map(Names::choice).toList());
    return new Names(name, also, cell, null);
  }

  private static Cell.Choice choice(NameChoice choice) {
    return new Cell.Choice(choice.name(), WORDS.say("choice", choice.name(), choice.also()));
  }
}
