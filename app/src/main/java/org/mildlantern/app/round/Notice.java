package org.mildlantern.app.round;

/**
 * What stands above today's round and is about no single plant.
 *
 * @param href where it is seen to
 * @param urgent whether it cannot wait
 */
public record Notice(String text, String href, boolean urgent) {}
