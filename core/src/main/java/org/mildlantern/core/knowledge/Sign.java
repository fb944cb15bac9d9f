package org.mildlantern.core.knowledge;

import java.util.List;

/**
 * Something that can be seen, felt or smelt.
 *
 * @param words what growers call it
 * @param patterns where it can sit; each is a separate node of the network
 * @param forms the forms or tags on which it can occur; empty means all
 * @param check the way of looking that reveals it
 * @param leak how often it is there for no known reason
 */
public record Sign(
    String id,
    String label,
    String family,
    List<String> words,
    List<String> patterns,
    List<String> forms,
    String check,
    String swatch,
    Level leak) {

  public Sign {
    forms = forms == null ? List.of() : forms;
  }
}
