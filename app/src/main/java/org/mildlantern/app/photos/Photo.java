package org.mildlantern.app.photos;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** A picture of a plant. */
@Entity
class Photo {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long plantId;
  private LocalDate takenOn;
  private String caption;
  private int width;
  private int height;
  private byte[] image;
  private byte[] thumbnail;
  private Long entryId;

  protected Photo() {}

  Photo(Long plantId, LocalDate takenOn, String caption, Picture picture, Long entryId) {
    this.plantId = plantId;
    this.takenOn = takenOn;
    this.caption = caption;
    this.width = picture.width();
    this.height = picture.height();
    this.image = picture.image();
    this.thumbnail = picture.thumbnail();
    this.entryId = entryId;
  }

  Long id() {
    return id;
  }

  byte[] image() {
    return image;
  }

  byte[] thumbnail() {
    return thumbnail;
  }
}
