package org.mildlantern.core.diagnosis;

/** Something the plant's records say that moves the odds of at least one cause. */
public record RecordNote(String condition, String label, String field, String value) {}
