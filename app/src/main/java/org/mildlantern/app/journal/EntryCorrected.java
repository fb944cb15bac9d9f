package org.mildlantern.app.journal;

/** A row was superseded by another that says it better; both share a root. */
public record EntryCorrected(Entry old, Entry fresh) {}
