package org.mildlantern.app.cases;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.care.ChangeWindow;
import org.mildlantern.core.diagnosis.Response;

/** One change tried within a case, with its window and how the plant answered. */
@Entity
class CaseChange {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long caseId;
  private String changeId;
  private LocalDate madeOn;
  private LocalDate lookOn;
  private String reason;
  private String confoundedBy;

  /** Root of the entry that confounds it; null when a reason was given without one. */
  private Long confoundedRoot;

  @Enumerated(EnumType.STRING)
  private Response.Outcome response;

  private LocalDate respondedOn;
  private Double probabilityAfter;
  private LocalDate undoneOn;
  private boolean ended;

  protected CaseChange() {}

  CaseChange(Long caseId, String changeId, LocalDate madeOn, LocalDate lookOn, String reason) {
    this.caseId = caseId;
    this.changeId = changeId;
    this.madeOn = madeOn;
    this.lookOn = lookOn;
    this.reason = reason;
  }

  Long id() {
    return id;
  }

  Long caseId() {
    return caseId;
  }

  String changeId() {
    return changeId;
  }

  LocalDate madeOn() {
    return madeOn;
  }

  LocalDate lookOn() {
    return lookOn;
  }

  String reason() {
    return reason;
  }

  String confoundedBy() {
    return confoundedBy;
  }

  Response.Outcome response() {
    return response;
  }

  LocalDate respondedOn() {
    return respondedOn;
  }

  Double probabilityAfter() {
    return probabilityAfter;
  }

  LocalDate undoneOn() {
    return undoneOn;
  }

  /** Whether this is the change under test. */
  boolean current() {
    return !ended;
  }

  boolean waiting() {
    return !ended && response == null;
  }

  ChangeWindow window() {
    return new ChangeWindow(madeOn, lookOn);
  }

  void confound(String what, Long entryRoot) {
    this.confoundedBy = what;
    this.confoundedRoot = entryRoot;
  }

  void clearConfound() {
    this.confoundedBy = null;
    this.confoundedRoot = null;
  }

  void answer(Response.Outcome outcome, LocalDate day) {
    this.response = outcome;
    this.respondedOn = day;
  }

  /** How likely the cause is, now that the answer is known. */
  void suspect(double probability) {
    this.probabilityAfter = probability;
  }

  void takeBackAnswer() {
    this.response = null;
    this.respondedOn = null;
    this.probabilityAfter = null;
  }

  /** Is under test again, or waits for its decision. */
  void resume() {
    this.undoneOn = null;
    this.ended = false;
  }

  void end() {
    this.ended = true;
  }

  void undo(LocalDate day) {
    this.undoneOn = day;
    this.ended = true;
  }

  Response asResponse() {
    return new Response(changeId, response, confoundedBy != null);
  }
}
