package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.Map;

/**
 * In what a cause differs in one way of life; null is as in general. Signs and context add to those
 * in general and stand in place of the same.
 *
 * @param cannot whether it cannot occur there
 */
public record Differs(
    boolean cannot,
    BaseRate rate,
    String what,
    Map<String, Level> signs,
    Map<String, Factor> context,
    Verdict verdict,
    String reversible,
    Integer showsDays,
    String recovery,
    String better,
    String worse,
    String change,
    List<Hold> hold,
    String never,
    String cautions) {}
