package org.mildlantern.app.feed;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import org.hibernate.annotations.TenantId;

/** A feed of the collection, as its label prints it. */
@Entity
class FeedProduct {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private String name;

  @Enumerated(EnumType.STRING)
  private ProductForm.Convention convention;

  private double n;
  private double p;
  private double k;
  private Double ca;
  private Double mg;
  private Double s;
  private Double fe;
  private Double nitrate;
  private Double ammonium;
  private Double urea;
  private boolean liquid;
  private Double density;
  private Double dose;
  private Double months;

  protected FeedProduct() {}

  static FeedProduct fresh() {
    return new FeedProduct();
  }

  void describe(ProductForm form) {
    this.name = form.name().strip();
    this.convention = form.convention();
    this.n = form.n();
    this.p = form.p();
    this.k = form.k();
    this.ca = form.ca();
    this.mg = form.mg();
    this.s = form.s();
    this.fe = form.fe();
    this.nitrate = form.nitrate();
    this.ammonium = form.ammonium();
    this.urea = form.urea();
    this.liquid = form.liquid();
    this.density = form.density();
    this.dose = form.dose();
    this.months = form.months();
  }

  Long id() {
    return id;
  }

  String name() {
    return name;
  }

  ProductForm form() {
    return new ProductForm(
        name,
        convention,
        n,
        p,
        k,
        ca,
        mg,
        s,
        fe,
        nitrate,
        ammonium,
        urea,
        liquid,
        density,
        dose,
        months);
  }
}
