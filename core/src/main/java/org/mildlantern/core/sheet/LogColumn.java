package org.mildlantern.core.sheet;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What a column of a grower's log holds. */
public enum LogColumn {
  DAY(
      "day",
      "date|day|when|on|datum|(?:date|day) (?:of|done|applied|treated|read)(?: .*)?|done|opened"),
  TIME("clock time", "time|clock|hour|at"),
  CODE(
      "code of the plant",
      "code|no|nr|number|accession(?: .*)?|tag|id|plant (?:code|id|no|number)"),
  PLANT("name of the plant", "plants?|name|plant name|species|label"),
  WHAT(
      "what was done or seen",
      "what|action|activity|event|task|done|type|work|entry|text|words|log|observation|cause|problem|measured"),
  AMOUNT("how much", "amount|quantity|volume|water|how much|dose|value|ml"),
  WITH(
      "with which product",
      "with|product|means|treatment|treated with|substance|fertili[sz]er|feed"),
  RATE("at which rate", "rate|strength|dilution|concentration"),
  AGAINST("against what", "against|pest|for|target|disease"),
  WEIGHT("weight of the pot", "weight|grams?|pot weight|mass"),
  OUTCOME("what came of it", "outcome|result|closed|came of it|success"),
  NOTE("more words", "notes?|remarks?|comments?|details?|memo|observations"),
  UNUSED("leave it out", "-");

  private final String label;
  private final Pattern headings;

  LogColumn(String label, String headings) {
    this.label = label;
    this.headings = Pattern.compile(headings);
  }

  public String label() {
    return label;
  }

  /** What a heading says that its column holds, without what stands in brackets. */
  static Optional<LogColumn> of(String heading) {
    String bare =
        heading
            .replaceAll("[(\\[][^)\\]]*[)\\]]", " ")
            .replaceAll("[^\\p{L}\\p{N}-]+", " ")
            .strip()
            .toLowerCase(Locale.ROOT);
    return Stream.of(values()).filter(one -> one.headings.matcher(bare).matches()).findFirst();
  }
}
