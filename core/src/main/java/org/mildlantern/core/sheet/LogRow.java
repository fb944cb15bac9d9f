package org.mildlantern.core.sheet;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;

/**
 * A row of a grower's log.
 *
 * @param number of the row, from 0
 * @param code of the plant, or empty
 * @param plant its name, or empty
 * @param day or null where it cannot be told
 * @param time or null where none is said
 * @param lines what it says, each as a keeper would type it
 * @param problem why it will not do, or null
 */
public record LogRow(
    int number,
    String code,
    String plant,
    LocalDate day,
    LocalTime time,
    List<String> lines,
    String problem) {}
