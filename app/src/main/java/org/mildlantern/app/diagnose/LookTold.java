package org.mildlantern.app.diagnose;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.said.Reading;

/** A circumstance that the keeper told at a look. */
@Entity
class LookTold {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long lookId;
  private String field;
  private Double figure;
  private double spread;
  private String choice;
  private String said;
  private double sure;

  protected LookTold() {}

  LookTold(Long lookId, LookState.Told told) {
    this.lookId = lookId;
    this.field = told.field();
    set(told);
  }

  void set(LookState.Told told) {
    this.figure = told.value() instanceof Reading.Figure number ? number.number() : null;
    this.spread = told.value() instanceof Reading.Figure number ? number.spread() : 0;
    this.choice = told.value() instanceof Reading.Figure ? null : told.value().toString();
    this.said = told.quote();
    this.sure = told.sure();
  }

  String field() {
    return field;
  }

  LookState.Told told() {
    return new LookState.Told(
        field,
        figure == null ? Reading.Value.written(field, choice) : new Reading.Figure(figure, spread),
        said,
        sure);
  }
}
