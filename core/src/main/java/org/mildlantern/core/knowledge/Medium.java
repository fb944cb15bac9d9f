package org.mildlantern.core.knowledge;

/** A growing medium and how many months it usually keeps its structure. */
public record Medium(String id, String label, int lifeMonths, String source) {}
