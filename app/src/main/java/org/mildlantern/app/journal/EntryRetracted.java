package org.mildlantern.app.journal;

/** A row was taken back; whoever acted on it takes that back too, in the same transaction. */
public record EntryRetracted(Entry entry) {}
