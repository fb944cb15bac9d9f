package org.mildlantern.app.plants;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.EntryRetracted;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.web.FieldFault;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.QuickLine;
import org.mildlantern.core.journal.Remark;
import org.mildlantern.core.journal.Repotted;
import org.mildlantern.core.journal.Setting;
import org.mildlantern.core.journal.Staged;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon.Sheds;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes notes about plants, typed or tapped, with what they mean for the plant. */
@Service
@Transactional
public class PlantNotes {
  private static final Words WORDS = Words.of(PlantNotes.class);

  private static final Set<Sheds> SHED = Set.of(Sheds.HALF, Sheds.ALL, Sheds.DIES_DOWN);

  private static final Pattern FIGURE = Pattern.compile("\\d+(?:[.,]\\d+)*");

  private final PlantRepository plants;
  private final PlaceService places;
  private final JournalService journal;
  private final Knowledge knowledge;
  private final Scope scope;

  PlantNotes(
      PlantRepository plants,
      PlaceService places,
      JournalService journal,
      Knowledge knowledge,
      Scope scope) {
    this.knowledge = knowledge;
    this.plants = plants;
    this.places = places;
    this.journal = journal;
    this.scope = scope;
  }

  /** An entry with the line that it was read from. */
  public record Written(Entry entry, QuickLine line) {}

  /**
   * Reads a line as {@link #write} would, and writes nothing; empty when there is no such plant.
   *
   * @throws IllegalArgumentException with a message or a question for the keeper
   */
  @Transactional(readOnly = true)
  public Optional<QuickLine> read(Long plantId, String line, LocalDate day) {
    return plants.byId(plantId).map(plant -> read(plant, line, day));
  }

  private QuickLine read(Plant plant, String line, LocalDate day) {
    return QuickLine.read(line, setting(plant)).on(day, scope.now().atZone(scope.zone()));
  }

  private Setting setting(Plant plant) {
    return new Setting(
        scope.now().atZone(scope.zone()),
        places.all().stream().collect(Collectors.toMap(PlaceView::name, PlaceView::id)),
        plant.pot().stands(),
        shedsForItsRest(plant));
  }

  private boolean shedsForItsRest(Plant plant) {
    return Optional.ofNullable(plant.taxonId())
        .flatMap(knowledge.taxa()::find)
        .filter(taxon -> taxon.rest().any() && SHED.contains(taxon.sheds()))
        .isPresent();
  }

  /**
   * Writes a line as the keeper typed it.
   *
   * @throws IllegalArgumentException with a message or a question for the keeper
   */
  public Optional<Written> write(Long plantId, String line) {
    return write(plantId, line, null);
  }

  /** The same on a day of its own, or null for what the line says. */
  public Optional<Written> write(Long plantId, String line, LocalDate day) {
    return plants.byId(plantId).map(plant -> write(plant, line, day));
  }

  /**
   * Writes a line about each of several plants.
   *
   * @return what was written; nothing for those that are not there
   */
  public List<Entry> writeAll(Collection<Long> plantIds, String line, LocalDate day) {
    return plants.byIds(plantIds).stream().map(plant -> write(plant, line, day).entry()).toList();
  }

  private Written write(Plant plant, String line, LocalDate day) {
    QuickLine read = read(plant, line, day);
    Note note = applied(plant, read.note(), read.at().toInstant(), null);
    String text = note instanceof Moved moved ? words(moved, read.text()) : read.text();
    return new Written(
        journal.write(new Entry(plant.id(), read.at().toInstant(), note, text)), read);
  }

  /** Reads lines about several plants, as {@link #read} does for one. */
  @Transactional(readOnly = true)
  public Settings settings(Collection<Long> plantIds) {
    return new Settings(
        plants.byIds(plantIds).stream().collect(Collectors.toMap(Plant::id, this::setting)));
  }

  /** In what lines about several plants are read. */
  public record Settings(Map<Long, Setting> byPlant) {
    /**
     * Reads a line.
     *
     * @throws IllegalArgumentException with a message or a question for the keeper
     */
    public QuickLine read(Long plantId, String line, LocalDate day) {
      Setting setting = byPlant.get(plantId);
      return QuickLine.read(line, setting).on(day, setting.now());
    }
  }

  /** A line of an older log. */
  public record Recalled(Long plantId, QuickLine line, Instant at) {}

  /**
   * Writes what lines of an older log say, in their order. A move of days past is kept as words:
   * where the plant stands now is known already.
   */
  public List<Entry> recall(List<Recalled> lines) {
    Map<Long, Plant> byId =
        plants.byIds(lines.stream().map(Recalled::plantId).distinct().toList()).stream()
            .collect(Collectors.toMap(Plant::id, Function.identity()));
    return lines.stream()
        .filter(line -> byId.containsKey(line.plantId()))
        .map(line -> recall(byId.get(line.plantId()), line))
        .toList();
  }

  private Entry recall(Plant plant, Recalled line) {
    boolean moved = line.line().note() instanceof Moved;
    Note note = moved ? new Remark() : applied(plant, line.line().note(), line.at(), null);
    return journal.recall(new Entry(plant.id(), line.at(), note, line.line().text()));
  }

  /** Writes a note that was tapped, in its own words, as of now. */
  public Optional<Entry> write(Long plantId, Note note) {
    return plants
        .byId(plantId)
        .map(
            plant ->
                journal.write(
                    new Entry(plantId, scope.now(), applied(plant, note, scope.now(), null))));
  }

  /** The same in words of its own, for example those of somebody else. */
  public Optional<Entry> write(Long plantId, Note note, String text) {
    return plants
        .byId(plantId)
        .map(
            plant ->
                journal.write(
                    new Entry(
                        plantId, scope.now(), applied(plant, note, scope.now(), null), text)));
  }

  /** Writes the same about each of several plants; nothing for those that are not there. */
  public List<Entry> writeAll(Collection<Long> plantIds, Note note) {
    return plants.byIds(plantIds).stream()
        .map(
            plant ->
                journal.write(
                    new Entry(plant.id(), scope.now(), applied(plant, note, scope.now(), null))))
        .toList();
  }

  /** Moves a plant and writes it down; a move to where it stands is nothing. */
  public Optional<Entry> move(Long plantId, Long placeId, String why) {
    if (places.find(placeId).isEmpty()) {
      throw new FieldFault("placeId", "Pick a place.");
    }
    return plants
        .byId(plantId)
        .filter(plant -> !plant.placeId().equals(placeId))
        .map(plant -> move(plant, placeId, why));
  }

  /** Moves each of several plants that stands elsewhere. */
  public List<Entry> moveAll(Collection<Long> plantIds, PlaceView place) {
    return plants.byIds(plantIds).stream()
        .filter(plant -> !plant.placeId().equals(place.id()))
        .map(plant -> move(plant, place.id(), ""))
        .toList();
  }

  private Entry move(Plant plant, Long placeId, String why) {
    Moved moved = moved(plant, placeId, scope.now(), null);
    String bare = words(moved, "");
    String text = why.isBlank() ? bare : WORDS.say("moved-because", bare, why);
    return journal.write(new Entry(plant.id(), scope.now(), moved, text));
  }

  /** A bare “moved to South bay” also says from where; what says more is kept as it is. */
  private String words(Moved moved, String typed) {
    String to = name(moved.to());
    boolean bare =
        typed.isEmpty()
            || typed
                .toLowerCase(Locale.ROOT)
                .replaceFirst("^moved? (to )?", "")
                .equalsIgnoreCase(to);
    return bare ? WORDS.say("moved", name(moved.from()), to) : typed;
  }

  private String name(Long placeId) {
    return places.all().stream()
        .filter(place -> place.id().equals(placeId))
        .map(PlaceView::name)
        .findFirst()
        .orElse("?");
  }

  /** The note with what was before it; the plant is changed by it. */
  private Note applied(Plant plant, Note note, Instant at, Long entryId) {
    if (note instanceof Moved moved) {
      return moved(plant, moved.to(), at, entryId);
    }
    if (note instanceof Staged staged) {
      return staged(plant, staged.stage(), at, entryId);
    }
    return note instanceof Repotted repot ? repotted(plant, repot, at, entryId) : note;
  }

  private Moved moved(Plant plant, Long to, Instant at, Long entryId) {
    if (to.equals(plant.placeId())) {
      throw new IllegalArgumentException("It stands there already.");
    }
    if (journal.anyAfter(plant.id(), NoteKind.MOVED, at, entryId)) {
      throw new IllegalArgumentException(
          "It was moved again after that; take the later move back first.");
    }
    Moved moved = new Moved(plant.placeId(), to);
    plant.moveTo(to);
    plant.walkAt(Plant.LAST);
    return moved;
  }

  /** A stage from before the present one is history and changes nothing. */
  private Staged staged(Plant plant, Stage stage, Instant at, Long entryId) {
    LocalDate day = scope.day(at);
    boolean history =
        journal.anyAfter(plant.id(), NoteKind.STAGE, at, entryId)
            || plant.stageSince() != null && day.isBefore(plant.stageSince());
    if (history) {
      return new Staged(stage);
    }
    Staged.Before before = new Staged.Before(plant.stage(), plant.stageSince());
    plant.comesTo(stage, day);
    return new Staged(stage, before);
  }

  /** Brings a plant to a stage and writes it down; to forget its stage is no note. */
  void stage(Plant plant, Stage stage) {
    if (stage == null) {
      plant.comesTo(null, null);
    } else {
      write(plant.id(), new Staged(stage));
    }
  }

  /** A repot from before the present medium is history and changes nothing. */
  private Repotted repotted(Plant plant, Repotted repot, Instant at, Long entryId) {
    boolean history =
        journal.anyAfter(plant.id(), NoteKind.REPOTTED, at, entryId)
            || plant.mediumSince() != null && scope.day(at).isBefore(plant.mediumSince());
    if (history) {
      return new Repotted(repot.potCm(), null);
    }
    Repotted.Before before =
        new Repotted.Before(plant.mediumId(), plant.mediumSince(), plant.pot().cm());
    plant.potted(
        plant.mediumId(), scope.day(at), repot.potCm() == null ? plant.pot().cm() : repot.potCm());
    return new Repotted(repot.potCm(), before);
  }

  /**
   * Corrects an entry. A keeper's own line is read anew, with its figures, its day and what they
   * mean for the plant; what a feature keeps can be reworded, but its figures stay.
   *
   * @param day on which it was, or null for the day that it has
   * @return the entry as it stands now; empty when there is none, or it was taken back
   * @throws IllegalArgumentException with a message or a question for the keeper
   */
  public Optional<Entry> correct(Long entryId, String text, LocalDate day) {
    return journal
        .current(entryId)
        .flatMap(old -> plants.byId(old.plantId()).map(plant -> correct(plant, old, text, day)));
  }

  private Entry correct(Plant plant, Entry old, String text, LocalDate day) {
    boolean sameDay = day == null || day.equals(scope.day(old.at()));
    if (!ownLine(old)) {
      if (!figures(old.text()).equals(figures(text))) {
        throw new IllegalArgumentException(
            "The figures of this entry are kept with what it tells of. Change its words only, or"
                + " undo it and note it anew.");
      }
      if (!sameDay) {
        throw new IllegalArgumentException(
            "The day of this entry is kept with what it tells of. Undo it and note it anew.");
      }
      return journal.correct(old, old.at(), old.note(), text);
    }
    QuickLine read = read(plant, text, sameDay ? null : day);
    Instant at = read.dated() ? read.at().toInstant() : old.at();
    if (same(old.note(), read.note()) && at.equals(old.at())) {
      return journal.correct(old, at, old.note(), read.text());
    }
    undo(plant, old);
    Note note = applied(plant, read.note(), at, old.id());
    return journal.correct(old, at, note, read.text());
  }

  private static boolean ownLine(Entry entry) {
    return entry.kind().typed()
        && entry.as(Looked.class).map(look -> look.what() == Looked.What.OVER).orElse(true);
  }

  private static List<String> figures(String text) {
    return FIGURE.matcher(text).results().map(match -> match.group()).sorted().toList();
  }

  /** Whether two notes say the same, what was before them aside. */
  private static boolean same(Note one, Note other) {
    if (one instanceof Moved a && other instanceof Moved b) {
      return a.to().equals(b.to());
    }
    if (one instanceof Staged a && other instanceof Staged b) {
      return a.stage() == b.stage();
    }
    if (one instanceof Repotted a && other instanceof Repotted b) {
      return Objects.equals(a.potCm(), b.potCm());
    }
    return one.equals(other);
  }

  @EventListener
  void takeBack(EntryRetracted event) {
    plants.byId(event.entry().plantId()).ifPresent(plant -> undo(plant, event.entry()));
  }

  /** What a later note of its kind has overtaken is history, and changes nothing any more. */
  private void undo(Plant plant, Entry entry) {
    if (journal.anyAfter(plant.id(), entry.kind(), entry.at(), entry.id())) {
      return;
    }
    Note note = entry.note();
    if (note instanceof Moved moved && plant.placeId().equals(moved.to()) && moved.from() != null) {
      plant.moveTo(moved.from());
    }
    if (note instanceof Staged staged && staged.before() != null) {
      plant.comesTo(staged.before().stage(), staged.before().since());
    }
    if (note instanceof Repotted repot && repot.before() != null) {
      Repotted.Before before = repot.before();
      plant.potted(
          before.mediumId(),
          before.since(),
          repot.potCm() == null ? plant.pot().cm() : before.potCm());
    }
  }
}
