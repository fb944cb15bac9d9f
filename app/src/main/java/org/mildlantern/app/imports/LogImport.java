package org.mildlantern.app.imports;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;
import org.mildlantern.core.sheet.DayOrder;
import org.mildlantern.core.sheet.LogColumn;
import org.mildlantern.core.sheet.Sheet;

/** A log as it stands, with what was said of it and which of its rows are in the day book. */
@Entity
class LogImport {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private Instant madeAt;

  @JdbcTypeCode(SqlTypes.JSON)
  private Sheet sheet;

  @JdbcTypeCode(SqlTypes.JSON)
  private Map<Integer, LogColumn> columns = Map.of();

  @Enumerated(EnumType.STRING)
  private DayOrder days;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<Integer> saved = List.of();

  @JdbcTypeCode(SqlTypes.JSON)
  private List<Long> entries = List.of();

  protected LogImport() {}

  LogImport(Sheet sheet, Instant madeAt) {
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

  Map<Integer, LogColumn> columns() {
    return columns;
  }

  DayOrder days() {
    return days;
  }

  void say(Map<Integer, LogColumn> what, DayOrder order) {
    this.columns = what;
    this.days = order;
  }

  Set<Integer> saved() {
    return new HashSet<>(saved);
  }

  List<Long> entries() {
    return entries;
  }

  void wrote(Set<Integer> rows, List<Long> fresh) {
    Set<Integer> all = saved();
    all.addAll(rows);
    this.saved = all.stream().sorted().toList();
    List<Long> every = new ArrayList<>(entries);
    every.addAll(fresh);
    this.entries = every;
  }

  void takeBack() {
    this.saved = List.of();
    this.entries = List.of();
  }
}
