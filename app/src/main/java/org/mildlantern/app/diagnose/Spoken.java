package org.mildlantern.app.diagnose;

import java.util.List;

/**
 * A keeper's words.
 *
 * @param mended what they corrected in the reading of them, each without a space
 */
public record Spoken(String text, List<String> mended) {}
