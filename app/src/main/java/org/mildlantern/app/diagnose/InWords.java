package org.mildlantern.app.diagnose;

import java.util.List;
import java.util.stream.Stream;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.diagnosis.Finding;

/**
 * What a keeper said of a plant, as it was read and corrected.
 *
 * @param findings at most one for each sign at a place
 * @param told at most one for each field
 */
public record InWords(Spoken spoken, List<LookState.Noted> findings, List<LookState.Told> told) {

  /** What was told of its circumstances. */
  public Circumstances circumstances() {
    return of(told);
  }

  static Circumstances of(List<LookState.Told> told) {
    return told.stream()
        .map(one -> one.value().of(one.field(), one.sure()))
        .reduce(Circumstances.UNKNOWN, Circumstances::telling);
  }

  /** All findings, of which those that are said again stand as they are said now. */
  List<LookState.Noted> beside(List<LookState.Noted> kept) {
    return Stream.concat(kept.stream().filter(one -> !replaces(one)), newTo(kept)).toList();
  }

  /** What was said, but for what is less sure than what is kept of the same. */
  Stream<LookState.Noted> newTo(List<LookState.Noted> kept) {
    return findings.stream()
        .filter(now -> kept.stream().noneMatch(old -> isOfTheSame(now, old) && isSurer(old, now)));
  }

  List<LookState.Told> besideTold(List<LookState.Told> kept) {
    List<LookState.Told> news = newTold(kept).toList();
    return Stream.concat(
            kept.stream()
                .filter(one -> news.stream().noneMatch(now -> now.field().equals(one.field()))),
            news.stream())
        .toList();
  }

  /** What was told, but for what is less sure than what is kept of the same. */
  Stream<LookState.Told> newTold(List<LookState.Told> kept) {
    return told.stream()
        .filter(
            now ->
                now.isSure()
                    || kept.stream()
                        .noneMatch(old -> old.isSure() && old.field().equals(now.field())));
  }

  /** Whether something as sure is said of the same sign at the same place, or without a place. */
  boolean replaces(LookState.Noted kept) {
    return findings.stream().anyMatch(now -> isOfTheSame(now, kept) && !isSurer(kept, now));
  }

  private static boolean isOfTheSame(LookState.Noted one, LookState.Noted other) {
    Finding now = one.finding();
    Finding old = other.finding();
    return now.sign().equals(old.sign())
        && (now.key().equals(old.key()) || now.pattern() == null || old.pattern() == null);
  }

  private static boolean isSurer(LookState.Noted one, LookState.Noted other) {
    return one.finding().isSure() && !other.finding().isSure();
  }
}
