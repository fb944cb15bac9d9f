package org.mildlantern.core.diagnosis;

import java.util.List;
import org.mildlantern.core.knowledge.Check;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.working.Working;

/**
 * A look that is worth its while.
 *
 * @param bits information expected about which causes are at work
 * @param rate bits per minute, stress and waiting counted as minutes
 * @param nodes what to look for, the most telling first
 */
public record NextCheck(Check check, double bits, double rate, List<Node> nodes, Working working) {}
