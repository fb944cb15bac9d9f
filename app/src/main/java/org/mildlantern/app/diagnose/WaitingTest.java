package org.mildlantern.app.diagnose;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.hibernate.annotations.TenantId;

/** A test on a plant whose answer takes days, for one thing to look for. */
@Entity
class WaitingTest {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  @Version private int version;
  private Long plantId;
  private String checkId;
  private String node;
  private LocalDate startedOn;
  private LocalDate dueOn;
  private Long begunBy;
  private LocalDate endedOn;
  private Long endedBy;

  protected WaitingTest() {}

  WaitingTest(Long plantId, String checkId, String node, LocalDate startedOn, LocalDate dueOn) {
    this.plantId = plantId;
    this.checkId = checkId;
    this.node = node;
    this.startedOn = startedOn;
    this.dueOn = dueOn;
  }

  void begunBy(Long entry) {
    this.begunBy = entry;
  }

  void end(LocalDate day, Long entry) {
    this.endedOn = day;
    this.endedBy = entry;
  }

  Long id() {
    return id;
  }

  Long plantId() {
    return plantId;
  }

  String checkId() {
    return checkId;
  }

  String node() {
    return node;
  }

  LocalDate startedOn() {
    return startedOn;
  }

  LocalDate dueOn() {
    return dueOn;
  }

  Long begunBy() {
    return begunBy;
  }

  boolean open() {
    return endedOn == null;
  }
}
