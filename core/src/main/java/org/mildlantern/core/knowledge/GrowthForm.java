package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.Optional;

/**
 * How a plant is built, which decides what can be seen and what is normal.
 *
 * @param tags names that stand for several forms at once, such as {@code orchid}
 * @param figure whether a drawn figure exists
 * @param pace how many times longer than a soft leafy plant it takes to respond (rule of thumb)
 * @param shed the share of leaves it may drop at once without alarm, 0 to 1 (rule of thumb)
 * @param parts in the order in which one looks
 */
public record GrowthForm(
    String id,
    String label,
    String what,
    List<String> tags,
    boolean figure,
    double pace,
    double shed,
    List<Part> parts) {

  /** Whether this form is one of those named, by id or by tag. */
  public boolean isOneOf(List<String> names) {
    return names.contains(id) || tags.stream().anyMatch(names::contains);
  }

  public boolean hasKind(String kind) {
    return parts.stream().anyMatch(part -> part.kind().equals(kind));
  }

  public Optional<Part> part(String partId) {
    return parts.stream().filter(part -> part.id().equals(partId)).findFirst();
  }
}
