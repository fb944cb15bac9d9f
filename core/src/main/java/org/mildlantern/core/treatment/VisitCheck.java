package org.mildlantern.core.treatment;

/**
 * One thing to mind before a visit.
 *
 * @param blocks whether the visit should not be made as it stands
 * @param what the means in small letters, or the matter
 * @param reason why, and what would help
 */
public record VisitCheck(boolean blocks, String what, String reason) {}
