package org.mildlantern.app.imports;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;
import org.mildlantern.core.sheet.Answers;
import org.mildlantern.core.sheet.Sheet;

/**
 * A grower's list as it stands, with what was said of it and which of its rows are plants by now.
 */
@Entity
class PlantImport {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private Instant madeAt;

  @JdbcTypeCode(SqlTypes.JSON)
  private Sheet sheet;

  @JdbcTypeCode(SqlTypes.JSON)
  private Answers answers = Answers.NONE;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<Integer> saved = List.of();

  protected PlantImport() {}

  PlantImport(Sheet sheet, Instant madeAt) {
    this.sheet = sheet;
    this.madeAt = madeAt;
  }

  Long id() {
    return id;
  }

  Instant madeAt() {
    return madeAt;
  }

  Sheet sheet() {
    return sheet;
  }

  Answers answers() {
    return answers;
  }

  Set<Integer> saved() {
    return new TreeSet<>(saved);
  }

  void mend(Sheet mended) {
    this.sheet = mended;
  }

  void say(Answers said) {
    this.answers = said;
  }

  void save(Set<Integer> rows) {
    Set<Integer> all = saved();
    all.addAll(rows);
    this.saved = new ArrayList<>(all);
  }

  void takeBack(Set<Integer> stay) {
    this.saved = List.copyOf(stay);
  }
}
