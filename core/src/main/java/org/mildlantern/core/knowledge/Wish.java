package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;

/**
 * How far a kind likes its pot to dry before the next drink, and which error harms it more.
 *
 * @param habits water habits of kinds that wish so while they grow
 * @param threshold share of the available water left at which it wants a look
 * @param patience the chance of having passed the threshold at which to look
 * @param bears the chance of having passed it up to which a look may be put off
 * @param waits days between two looks at least
 * @param harm which error costs it more, in words
 * @param atRest id of what it wishes while it rests
 */
public record Wish(
    String id,
    @JsonProperty("for") List<Watering> habits,
    String label,
    @JsonProperty("look-at") double threshold,
    double patience,
    double bears,
    int waits,
    String harm,
    String atRest) {}
