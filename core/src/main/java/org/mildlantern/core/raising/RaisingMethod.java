package org.mildlantern.core.raising;

import java.util.List;

/**
 * A way of raising new plants, as it is done with most kinds. Rules of thumb.
 *
 * @param id that of a {@link RaisingWay}
 * @param one what a piece of it is called
 * @param ready what a piece needs before it is taken
 * @param watch what tells that it goes well or ill
 * @param warm least and most °C at its base
 * @param after what it is spared once it is potted
 */
public record RaisingMethod(
    String id,
    String label,
    String one,
    String ready,
    String how,
    String watch,
    List<Double> warm,
    String after) {}
