package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.load.Fault;

/** The knowledge files hold faults; each names the file, the line, the entry and the field. */
public class KnowledgeException extends IllegalStateException {
  private static final long serialVersionUID = 1L;

  private final transient List<Fault> faults;

  public KnowledgeException(List<Fault> faults) {
    super(
        "Knowledge has "
            + faults.size()
            + " faults:\n"
            + faults.stream().map(Fault::toString).collect(Collectors.joining("\n")));
    this.faults = List.copyOf(faults);
  }

  public List<Fault> faults() {
    return faults;
  }
}
