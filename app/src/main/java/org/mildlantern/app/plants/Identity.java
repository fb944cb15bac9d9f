package org.mildlantern.app.plants;

/** Which plant it is: a known taxon, or a free name with a growth form. taxonId may be null. */
record Identity(String taxonId, String name, String formId) {}
