package org.mildlantern.core.knowledge;

/** A part of a growth form that can be looked at; its kind ties it to patterns. */
public record Part(String id, String label, String kind) {}
