package org.mildlantern.app.plants;

/**
 * Which plant it is: a known taxon, or a free name.
 *
 * @param taxonId null for a free name
 * @param formId the growth form, or for a free name how plants of the form live
 */
record Identity(String taxonId, String name, String formId) {}
