package org.mildlantern.app.away;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** What a visitor wrote or showed; it waits until the keeper has seen it. */
@Entity
class TripMessage {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long tripId;
  private Long plantId;
  private Instant at;
  private String text;
  private byte[] image;
  private Long photoId;
  private boolean urgent;
  private LocalDate seenOn;

  protected TripMessage() {}

  /**
   * A message.
   *
   * @param plantId or null when it is about no single plant
   * @param text may be empty beside a picture
   */
  TripMessage(Long tripId, Long plantId, Instant at, String text, boolean urgent) {
    this.tripId = tripId;
    this.plantId = plantId;
    this.at = at;
    this.text = text;
    this.urgent = urgent;
  }

  /** The same with a picture of its own, as JPEG. */
  TripMessage showing(byte[] jpeg) {
    this.image = jpeg.clone();
    return this;
  }

  /** The same with a picture that is kept with its plant. */
  TripMessage showing(Long photo) {
    this.photoId = photo;
    return this;
  }

  byte[] image() {
    return image == null ? null : image.clone();
  }

  void see(LocalDate day) {
    this.seenOn = day;
  }
}
