package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How a plant is built, which decides what can be seen and what is normal.
 *
 * @param tags names that stand for several forms at once, such as {@code orchid}
 * @param figure whether a drawn figure exists
 * @param pace how many times longer than a soft leafy plant it takes to respond (rule of thumb)
 * @param shed the share of leaves it may drop within a month without alarm, 0 to 1, by the id of
 *     the stage (rule of thumb)
 * @param budLoss the share of buds that a move or an arrival may cost, 0 to 1 (rule of thumb)
 * @param parts in the order in which one looks
 */
public record GrowthForm(
    String id,
    String label,
    String what,
    List<String> tags,
    boolean figure,
    double pace,
    Map<String, Double> shed,
    double budLoss,
    List<Part> parts) {

  /** Whether this form is one of those named, by id or by tag. */
  public boolean isOneOf(List<String> names) {
    return names.contains(id) || tags.stream().anyMatch(names::contains);
  }

  /** Whether this form is one of those named, all when none are, and none of the others. */
  public boolean isAmong(List<String> forms, List<String> notForms) {
    return (forms.isEmpty() || isOneOf(forms)) && !isOneOf(notForms);
  }

  public boolean hasKind(String kind) {
    return parts.stream().anyMatch(part -> part.kind().equals(kind));
  }

  public Optional<Part> part(String partId) {
    return parts.stream().filter(part -> part.id().equals(partId)).findFirst();
  }
}
