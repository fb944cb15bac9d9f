package org.mildlantern.app.api;

import java.util.List;

/** Every id that a request may use, with its label. */
record Vocabulary(
    List<FormWord> forms,
    List<PatternWord> patterns,
    List<SignWord> signs,
    List<OpenSign> openSigns,
    List<FieldWord> context,
    List<TaxonWord> taxa,
    List<CauseWord> causes) {

  record PartWord(String id, String label, String kind) {}

  record FormWord(String id, String label, List<PartWord> parts) {}

  record PatternWord(String id, String label, List<String> kinds) {}

  /** forms is empty when the sign can occur on every form. */
  record SignWord(
      String id, String label, List<String> patterns, List<String> states, List<String> forms) {}

  /** A word for one of several signs, for a finding whose sign is not known more closely. */
  record OpenSign(String id, String label, List<String> meant) {}

  /** A number with unit and range, or a choice; list says whether several values may stand. */
  record FieldWord(
      String id,
      String label,
      String unit,
      Double min,
      Double max,
      List<String> values,
      boolean list) {}

  record TaxonWord(String id, String name, List<String> synonyms, String group, String form) {}

  record CauseWord(String id, String label, String family, String verdict) {}
}
