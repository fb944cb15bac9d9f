package org.mildlantern.app.diagnose;

import java.time.LocalDate;
import org.mildlantern.core.knowledge.Check;
import org.mildlantern.core.knowledge.Node;

/** A test under way: what was done, what to look for, and when. */
public record WaitingTestView(
    Long id, Long plantId, Check check, Node node, LocalDate startedOn, LocalDate dueOn) {}
