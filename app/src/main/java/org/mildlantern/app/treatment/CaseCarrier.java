package org.mildlantern.app.treatment;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.hibernate.annotations.TenantId;

/** Something that may have carried a case's pest, or may carry it on. */
@Entity
class CaseCarrier {
  /** Carriers with what to do about each. Rules of thumb. */
  enum Carrier {
    ANTS("ants", "Ants carry and guard sap-suckers: bar or bait them first, or no course holds."),
    WINDOW("an open window", "Gauze on the window, or the plant away from it, until it is clear."),
    NEWCOMER("a new plant or gift", "Look the newcomer over and give it its own quarantine."),
    CUT_FLOWERS(
        "cut flowers or a holiday tree", "Out with them; they bring thrips, mites and aphids."),
    PETS("pets", "Keep pets from brushing past it."),
    CLOTHING("hands and clothing", "This plant last on the round; wash hands, roll up sleeves."),
    TOOLS("shared tools, trays or water", "Its own tray and tools; clean blades between plants."),
    MEDIUM("bought medium", "Open bags are closed tight; heat or freeze what is used next.");

    private final String label;
    private final String advice;

    Carrier(String label, String advice) {
      this.label = label;
      this.advice = advice;
    }

    public String label() {
      return label;
    }

    public String advice() {
      return advice;
    }
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long caseId;

  @Enumerated(EnumType.STRING)
  private Carrier carrier;

  protected CaseCarrier() {}

  CaseCarrier(Long caseId, Carrier carrier) {
    this.caseId = caseId;
    this.carrier = carrier;
  }

  Carrier carrier() {
    return carrier;
  }
}
