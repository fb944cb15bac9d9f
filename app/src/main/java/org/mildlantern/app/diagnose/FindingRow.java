package org.mildlantern.app.diagnose;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.diagnosis.Finding;

/** One finding of a look. */
@Entity
@Table(name = "finding")
class FindingRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long lookId;
  private String sign;
  private String pattern;
  private boolean present;
  private String detail;

  protected FindingRow() {}

  FindingRow(Long lookId, String sign, String pattern) {
    this.lookId = lookId;
    this.sign = sign;
    this.pattern = pattern;
    this.detail = "";
  }

  FindingRow copyTo(Long otherLook) {
    FindingRow copy = new FindingRow(otherLook, sign, pattern);
    copy.present = present;
    copy.detail = detail;
    return copy;
  }

  void set(boolean there) {
    this.present = there;
  }

  void note(String text) {
    this.detail = text;
  }

  String detail() {
    return detail;
  }

  boolean present() {
    return present;
  }

  Finding finding() {
    return new Finding(sign, pattern, present);
  }
}
