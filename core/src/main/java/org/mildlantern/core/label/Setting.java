package org.mildlantern.core.label;

/**
 * What a text leaves open, settled one way.
 *
 * @param notation of its numbers
 * @param region of its spoons and gallons
 * @param fluid whether a bare ounce is one of a liquid
 * @param solid whether a share of the mix is of a powder, in grams
 */
record Setting(Notation notation, Region region, boolean fluid, boolean solid) {}
