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
  private double sure = 1;
  private String detail;
  private String said = "";

  protected FindingRow() {}

  FindingRow(Long lookId, String sign, String pattern) {
    this.lookId = lookId;
    this.sign = sign;
    this.pattern = pattern;
    this.detail = "";
  }

  FindingRow(Long lookId, LookState.Noted noted) {
    this(lookId, noted.finding().sign(), noted.finding().pattern());
    this.present = noted.finding().present();
    this.sure = noted.finding().sure();
    this.detail = noted.detail();
    this.said = noted.quote();
  }

  Long lookId() {
    return lookId;
  }

  void set(boolean there) {
    this.present = there;
    this.sure = 1;
  }

  void note(String text) {
    this.detail = text;
  }

  LookState.Noted noted() {
    return new LookState.Noted(finding(), detail, said);
  }

  private Finding finding() {
    return new Finding(sign, pattern, present, sure);
  }
}
