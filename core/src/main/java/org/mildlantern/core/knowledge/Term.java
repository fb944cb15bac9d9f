package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * A word of the field.
 *
 * @param whole what it is short for, or null
 * @param unit or null
 * @param say what it is and what it is good for
 * @param everyday whether the same word also stands in plain sentences for something else, so that
 *     pages cannot tell which is meant
 */
public record Term(
    String id,
    String label,
    @JsonProperty("long") String whole,
    String unit,
    String say,
    boolean everyday) {}
