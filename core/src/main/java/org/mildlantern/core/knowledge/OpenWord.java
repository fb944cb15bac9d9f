package org.mildlantern.core.knowledge;

import java.util.List;

/**
 * A word that keepers use for several signs, such as brown spots: one of them is there, and a look
 * will tell which.
 *
 * @param words what growers call it too
 * @param meant ids of the signs that it can mean
 */
public record OpenWord(String id, String label, List<String> words, List<String> meant) {}
