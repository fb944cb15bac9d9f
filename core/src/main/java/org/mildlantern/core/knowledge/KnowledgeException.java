package org.mildlantern.core.knowledge;

import java.util.List;

/** The knowledge files hold faults; each names the file, the entry and the field. */
public class KnowledgeException extends IllegalStateException {
  private static final long serialVersionUID = 1L;

  private final transient List<String> faults;

  public KnowledgeException(List<String> faults) {
    super("Knowledge has " + faults.size() + " faults:\n" + String.join("\n", faults));
    this.faults = List.copyOf(faults);
  }

  public List<String> faults() {
    return faults;
  }
}
