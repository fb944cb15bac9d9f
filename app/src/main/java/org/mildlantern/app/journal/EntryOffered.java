package org.mildlantern.app.journal;

/**
 * A row is about to be written; whoever knows that it cannot be true refuses it by an {@link
 * IllegalArgumentException} with a message for the keeper.
 */
public record EntryOffered(Entry entry) {}
