package org.mildlantern.app.weather;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** That a plant was brought in or covered before a night. */
@Entity
class FrostAnswer {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long plantId;
  private LocalDate night;

  protected FrostAnswer() {}

  FrostAnswer(Long plantId, LocalDate night) {
    this.plantId = plantId;
    this.night = night;
  }

  Long plantId() {
    return plantId;
  }

  LocalDate night() {
    return night;
  }
}
