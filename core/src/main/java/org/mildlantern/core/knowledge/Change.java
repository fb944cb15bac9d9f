package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;

/** One change of care, and how to make it. */
public record Change(String id, String label, String kind, @JsonProperty("do") String how) {}
