package org.mildlantern.core.repot;

import java.util.List;
import org.mildlantern.core.season.Months;

/**
 * The work of a year on a small tree. Rules of thumb after growers’ practice.
 *
 * @param of names of genera and ids of kinds
 * @param roots months in which roots are cut, as in the north
 * @param share least and most of the roots that may go
 * @param years between two root cuts, young and old
 * @param prune months of hard pruning
 * @param pinch how new growth is kept short
 * @param wire months in which wire is best put on
 * @param bites weeks of growth after which it begins to bite, least and most
 * @param defoliate months in which all leaves may be cut; null where it is not borne
 * @param leave what must stay, or null
 */
public record BonsaiYear(
    String id,
    List<String> of,
    Months roots,
    List<Double> share,
    List<Integer> years,
    Months prune,
    String pinch,
    Months wire,
    List<Integer> bites,
    Months defoliate,
    String leave,
    String say) {}
