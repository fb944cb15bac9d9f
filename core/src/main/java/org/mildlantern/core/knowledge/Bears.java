package org.mildlantern.core.knowledge;

/**
 * What a kind bears of sun, salts and lime, and what nitrogen it lives on. Rules of thumb.
 *
 * @param sunHours of direct sun in a day, on leaves that are not used to it
 * @param saltsMsCm conductivity of the water in its pot from which it is harmed
 * @param limePpm alkalinity of the water it is given, at most, as CaCO₃
 * @param nitrogenPpm in the mean of all its drinks while it grows; null where it is not fed at the
 *     roots
 */
public record Bears(double sunHours, double saltsMsCm, double limePpm, Double nitrogenPpm) {}
