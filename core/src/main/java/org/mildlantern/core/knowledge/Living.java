package org.mildlantern.core.knowledge;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How one plant lives now: its growth form, the way of its kind, and that of its stage where it has
 * one. What the knowledge says by way is looked up by the most special name that it gives: the way
 * of the stage, that of the kind, the form, and then the tags of each.
 *
 * @param now the way of its stage; that of the kind where the stage has none
 * @param names by which the knowledge may speak of it, the most special first
 */
public record Living(GrowthForm form, Way base, Way now, List<String> names) {
  static Living of(GrowthForm form, Way base, Way now) {
    List<String> names = new ArrayList<>();
    names.add(now.id());
    names.add(base.id());
    names.add(form.id());
    names.addAll(now.tags());
    base.tags().stream().filter(tag -> !now.without().contains(tag)).forEach(names::add);
    names.addAll(form.tags());
    return new Living(form, base, now, names.stream().distinct().toList());
  }

  /** How its kind lives while it grows. */
  Living growing() {
    return of(form, base, base);
  }

  /** What tells it from others. */
  String key() {
    return form.id() + " " + base.id() + " " + now.id();
  }

  /** What is said for it, by the most special of its names. */
  public <T> Optional<T> pick(Map<String, T> said) {
    return said.isEmpty()
        ? Optional.empty()
        : names.stream().filter(said::containsKey).<T>map(said::get).findFirst();
  }

  public boolean isOneOf(List<String> ways) {
    return names.stream().anyMatch(ways::contains);
  }

  /** Whether it lives as it does at rest. */
  public boolean resting() {
    return now.is(Way.At.REST);
  }
}
