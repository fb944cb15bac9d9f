package org.mildlantern.app.plantlist;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.hibernate.annotations.TenantId;

/** A way of looking at the list that the keeper gave a name. */
@Entity
class SavedView {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private String name;
  private String query;

  protected SavedView() {}

  SavedView(String name) {
    this.name = name;
  }

  void look(String text) {
    this.query = text;
  }

  public Long id() {
    return id;
  }

  public String name() {
    return name;
  }

  public String query() {
    return query;
  }
}
