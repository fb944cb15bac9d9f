package org.mildlantern.app.round;

import java.util.function.IntFunction;

/**
 * Work on several plants that is done in one go: plants of one place with the same party are one
 * row, answered as one but for those that are ticked. Its answer posts {@code plants}, all of them,
 * and {@code but}, the exceptions.
 *
 * @param id the same for all that belong together
 * @param task what to do, given on how many plants
 * @param reason why now
 * @param action address that takes the answer
 * @param answer what the button says
 * @param exception which plants are ticked
 * @param href where more can be done about it, or null
 * @param share of a stop's time that each plant takes
 */
public record Party(
    String id,
    IntFunction<String> task,
    String reason,
    String action,
    String answer,
    String exception,
    String href,
    double share) {}
