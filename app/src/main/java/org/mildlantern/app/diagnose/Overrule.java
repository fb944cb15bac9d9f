package org.mildlantern.app.diagnose;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.TenantId;

/** A condition of the records that the keeper says does not hold in this look. */
@Entity
@Table(name = "look_overrule")
class Overrule {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long lookId;
  private String condition;

  protected Overrule() {}

  Overrule(Long lookId, String condition) {
    this.lookId = lookId;
    this.condition = condition;
  }

  String condition() {
    return condition;
  }
}
