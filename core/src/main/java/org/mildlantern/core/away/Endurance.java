package org.mildlantern.core.away;

import java.util.List;

/**
 * How long plants go without care before they are harmed. Rules of thumb.
 *
 * @param level share of the available water in the pot from which days are counted, 0 to 1
 * @param days that are borne from then on, least and most
 * @param without days from a drink for what has no pot whose drying is followed, least and most
 */
public record Endurance(
    String id, List<String> ways, double level, List<Integer> days, List<Integer> without) {}
