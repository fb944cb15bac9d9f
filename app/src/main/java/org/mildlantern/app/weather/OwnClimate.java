package org.mildlantern.app.weather;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;
import org.mildlantern.core.air.ClimateYear;

/** The usual weather of a collection, as a file told it. */
@Entity
class OwnClimate {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private String name;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<ClimateYear.Month> months;

  protected OwnClimate() {}

  OwnClimate(String name, ClimateYear year) {
    describe(name, year);
  }

  final void describe(String newName, ClimateYear year) {
    this.name = newName;
    this.months = year.months();
  }

  String name() {
    return name;
  }

  ClimateYear year() {
    return new ClimateYear(months);
  }
}
