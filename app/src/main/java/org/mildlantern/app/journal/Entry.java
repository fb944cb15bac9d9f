package org.mildlantern.app.journal;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.Optional;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.OfCase;

/**
 * One row of the day book. It is never changed; the only mark ever set on it is that a later row
 * supersedes it. All rows that correct or take back one another share a root, which is what others
 * hold.
 */
@Entity
public class Entry {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @TenantId private Long collectionId;
  private Long plantId;
  private Instant at;

  @Enumerated(EnumType.STRING)
  private NoteKind kind;

  @Column(name = "note")
  @JdbcTypeCode(SqlTypes.JSON)
  private String kept;

  private String text;
  private String readingKey;

  /** Null for the first row. */
  private Long rootId;

  private Long supersedesId;
  private boolean superseded;

  @Transient private Note note;

  protected Entry() {}

  /** A note in its own words. */
  public Entry(Long plantId, Instant at, Note note) {
    this(plantId, at, note, note.words());
  }

  public Entry(Long plantId, Instant at, Note note, String text) {
    this.plantId = plantId;
    this.at = at;
    this.kind = note.kind();
    this.kept = Notes.write(note);
    this.text = text;
    this.note = note;
  }

  /** The key under which a device sent it, so that it is taken once. */
  public Entry sentAs(String key) {
    this.readingKey = key;
    return this;
  }

  Entry superseding(Entry old) {
    this.supersedesId = old.id;
    this.rootId = old.root();
    old.superseded = true;
    return this;
  }

  public Long id() {
    return id;
  }

  /** The id that stays the same when it is corrected. */
  public Long root() {
    return rootId == null ? id : rootId;
  }

  public Long plantId() {
    return plantId;
  }

  public Instant at() {
    return at;
  }

  public NoteKind kind() {
    return kind;
  }

  public Note note() {
    if (note == null) {
      note = Notes.read(kind, kept);
    }
    return note;
  }

  /** The note, when it is of this type. */
  public <T extends Note> Optional<T> as(Class<T> type) {
    return kind.type() == type ? Optional.of(type.cast(note())) : Optional.empty();
  }

  public String text() {
    return text;
  }

  /** Whether it is in the keeper's own words and tells nothing that is reckoned with. */
  public boolean remark() {
    return kind == NoteKind.REMARK;
  }

  /** Whether a device sent it. */
  public boolean sent() {
    return readingKey != null;
  }

  /** The case that it belongs to, or null. */
  public Long caseId() {
    return note() instanceof OfCase ofCase ? ofCase.caseId() : null;
  }

  public boolean superseded() {
    return superseded;
  }

  /** Whether this row corrects an earlier one. */
  public boolean corrects() {
    return supersedesId != null && kind != NoteKind.TAKEN_BACK;
  }
}
