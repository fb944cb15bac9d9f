package org.mildlantern.core.raising;

import java.util.List;
import org.mildlantern.core.season.Months;

/**
 * How far a leggy or bare plant may be cut back. It sprouts only with more light than it had. Rules
 * of thumb.
 *
 * @param of names of genera and ids of kinds
 * @param months in which it is done, as in the north
 * @param to where it is cut back to
 * @param weeks until it sprouts, least and most
 */
public record HardPruning(
    String id, List<String> of, Months months, String to, List<Integer> weeks, String say) {}
