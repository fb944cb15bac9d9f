package org.mildlantern.core.season;

import java.util.List;

/**
 * What one sees when a kind goes to rest and when it wakes. Rules of thumb.
 *
 * @param of names of genera and ids of kinds
 * @param begins completes “begins with …”
 * @param ends completes “ends with …”
 */
public record RestSigns(String id, List<String> of, String begins, String ends) {}
