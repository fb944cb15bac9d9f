package org.mildlantern.core.knowledge;

/** A yes-or-no reading of one context field that causes refer to. */
public record Condition(
    String id,
    String label,
    String field,
    Double atLeast,
    Double atMost,
    String is,
    boolean holdsCause) {}
