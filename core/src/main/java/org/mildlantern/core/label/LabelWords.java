package org.mildlantern.core.label;

import java.util.Set;

/** Words between the numbers and units of labels, in the languages that labels are read in. */
final class LabelWords {
  static final Set<String> PER =
      words(
          "/ per in into to make makes up for each every je pro auf für por pour "
              + "par dans en op voor al ogni cada chaque with mit avec con ad su sur zu "
              + "a : = on");

  static final Set<String> WATER =
      words(
          "of the water wasser eau d ' ’ de agua acqua di spray mix mixture "
              + "solution finished wasseraufwand spritzbrühe brühe giesswasser giess "
              + "gießwasser lukewarm clean soft rain tap total");

  static final Set<String> MEDIUM =
      words(
          "medium media substrate substrat compost soil erde blumenerde peat bark "
              + "terreau sustrato terriccio");

  static final Set<String> TIMES =
      words(
          "day days d week weeks wk h hour hours month months min minutes x × "
              + "times time application applications treatment treatments spray sprays "
              + "season year tage tagen wochen mal jours fois días giorni ° c f nd st "
              + "th rd");

  static final Set<String> MOST_ALLOWED =
      words(
          "exceed exceeding max maximum maximal höchstens most upto than über "
              + "überschreiten dépasser limit");

  static final Set<String> TAKE = words(": , use add take mix nehmen - =");

  static final Set<String> MEASURED_BY = words("( = ≈ about approx ca i e");

  static final Set<String> SOLID =
      words("powder powdered granule granules pulver granulat poudre polvo polvere " + "crystals");

  static final Set<String> READY = words("ready undiluted unverdünnt gebrauchsfertig neat");

  static final Set<String> ACTIVE = Set.of("active", "wirkstoff", "ai");

  static final Set<String> COUNTED = words("million millions billion mio mrd nematodes cfu spores");

  static final Set<String> TO_WATER = words(": in to + zu per auf");

  static final Set<String> PARTS = words("part parts teile teilen parties partes parti");

  static final Set<String> WHOSE =
      words("us imperial imp uk metric level full standard liquid fluid american british");

  static final Set<String> WHOSE_WATER =
      words("us imperial imp uk level full american british finished of");

  static final Set<String> CANS = words("can bucket watering sprayer bottle giesskanne gießkanne");

  static final Set<String> WITH_WATER =
      words("in with mit dans con en at least mindestens a using , (");

  private static Set<String> words(String all) {
    return Set.of(all.split(" "));
  }

  private LabelWords() {}
}
