package org.mildlantern.app.light;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** That a plant was seen to before the sun that comes on a day. */
@Entity
class SunAnswer {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long plantId;
  private LocalDate day;

  protected SunAnswer() {}

  SunAnswer(Long plantId, LocalDate day) {
    this.plantId = plantId;
    this.day = day;
  }

  Long plantId() {
    return plantId;
  }

  LocalDate day() {
    return day;
  }
}
