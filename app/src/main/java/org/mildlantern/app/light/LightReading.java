package org.mildlantern.app.light;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.hibernate.annotations.TenantId;
import org.mildlantern.core.light.SpotLight;

/** A reading of light at the leaves of a place. */
@Entity
class LightReading {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long placeId;

  /** The stand, or null for the usual one. */
  private Long spotId;

  private Instant at;
  private double ppfd;
  private String words;

  @Enumerated(EnumType.STRING)
  private SpotLight.Sky sky;

  protected LightReading() {}

  LightReading(
      Long placeId, Long spotId, Instant at, double ppfd, String words, SpotLight.Sky sky) {
    this.placeId = placeId;
    this.spotId = spotId;
    this.at = at;
    this.ppfd = ppfd;
    this.words = words;
    this.sky = sky;
  }

  public Long id() {
    return id;
  }

  /** What was read and when, of which light is worked out. */
  record Read(Long spot, Instant at, double ppfd, SpotLight.Sky sky) {}

  Read read() {
    return new Read(spotId, at, ppfd, sky);
  }

  public Long spotId() {
    return spotId;
  }

  Long placeId() {
    return placeId;
  }

  public Instant at() {
    return at;
  }

  double ppfd() {
    return ppfd;
  }

  public String words() {
    return words;
  }

  boolean ofLamp() {
    return sky == SpotLight.Sky.LAMP;
  }

  public SpotLight.Sky sky() {
    return sky;
  }
}
