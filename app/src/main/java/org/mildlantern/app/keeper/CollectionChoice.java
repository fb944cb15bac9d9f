package org.mildlantern.app.keeper;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.hibernate.annotations.TenantId;

/** What the keeper chose for the collection in one topic. */
@Entity
class CollectionChoice {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private String topic;
  private String choice;

  protected CollectionChoice() {}

  CollectionChoice(String topic) {
    this.topic = topic;
  }

  String topic() {
    return topic;
  }

  String choice() {
    return choice;
  }

  void choose(String newChoice) {
    this.choice = newChoice;
  }
}
