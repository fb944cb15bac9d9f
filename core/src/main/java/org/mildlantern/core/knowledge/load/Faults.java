package org.mildlantern.core.knowledge.load;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The faults of a folder. References that lead nowhere are gathered by what they miss: a word that
 * is wrong where it is defined is one fault, however often it is used.
 */
public final class Faults {
  private final List<Fault> faults = new ArrayList<>();
  private final Map<String, List<Fault>> missing = new LinkedHashMap<>();

  public void add(Fault fault) {
    faults.add(fault);
  }

  /** A reference to what is not there. */
  void missing(Fault at, String what) {
    missing.computeIfAbsent(what, w -> new ArrayList<>()).add(at);
  }

  /** All of them, each once. */
  public List<Fault> all() {
    List<Fault> all = new ArrayList<>(faults);
    missing.forEach(
        (what, places) -> {
          Fault first = places.get(0);
          int more = places.size() - 1;
          String also =
              more == 0
                  ? ""
                  : more == 1 ? " (and in one more place)" : " (and in " + more + " more places)";
          all.add(
              new Fault(
                  first.file(),
                  first.line(),
                  first.entry(),
                  first.what() + ": there is no " + what + also));
        });
    return all.stream().distinct().toList();
  }
}
