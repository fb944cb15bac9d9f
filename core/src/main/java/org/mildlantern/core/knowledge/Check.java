package org.mildlantern.core.knowledge;

/**
 * A way of looking.
 *
 * @param kind look, probe, lift, lens, photo, roots or wait
 * @param minutes hands-on time
 * @param days how long the answer takes; 0 when it is there at once
 */
public record Check(
    String id, String label, String how, String kind, double minutes, Stress stress, int days) {}
