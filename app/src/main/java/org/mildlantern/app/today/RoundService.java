package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Party;
import org.mildlantern.app.round.RoundChoices;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource.Due;
import org.mildlantern.app.web.FormKey;
import org.mildlantern.app.web.Paged;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.round.Agenda;
import org.mildlantern.core.round.Minutes;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts together what is due on a day, from the day book and from whatever has work to offer. */
@Service
@Transactional(readOnly = true)
public class RoundService {
  /** A day with so many rows at most is shown whole. */
  private static final int WHOLE = 40;

  /** Most rows of a page of a place. */
  private static final int ROOM = 20;

  /** Rows of a plant among which another's answer is sought. */
  private static final int NEWEST = 8;

  private final BoardMaker maker;
  private final Pace pace;
  private final JournalService journal;
  private final RoundChoices choices;
  private final AnswerButtons buttons;
  private final CollectionMemo memo;
  private final Scope scope;

  RoundService(
      BoardMaker maker,
      Pace pace,
      JournalService journal,
      RoundChoices choices,
      AnswerButtons buttons,
      CollectionMemo memo,
      Scope scope) {
    this.maker = maker;
    this.pace = pace;
    this.journal = journal;
    this.choices = choices;
    this.buttons = buttons;
    this.memo = memo;
    this.scope = scope;
  }

  /** The board; pages that are only read compute it once, until something changes. */
  public Board board() {
    return memo.once("board", maker::make);
  }

  /** Days ahead that matter and are no work yet, such as the end of a quarantine. */
  public List<Due> ahead() {
    return maker.ahead();
  }

  /** The plants that ask for their keeper. */
  public Asking asking(Board board) {
    return memo.once("asking", () -> Asking.on(board));
  }

  /** The round of a day; past days show what was done. */
  public Round round(LocalDate day) {
    return round(day, null, null);
  }

  /**
   * The round of a day. Of a day that holds much only the rows of one place are shown, by page.
   *
   * @param place whose rows are shown, or null for the first with work that waits
   * @param page of its rows from 1, or null for the one with the first that waits
   */
  public Round round(LocalDate day, Long place, Integer page) {
    Board board = board();
    List<At> laid = memo.lately("pieces " + day, () -> lay(board, pieces(day, board)));
    return walk(day, board, laid, place, page);
  }

  /** The rows of a place, as they are walked. */
  private record At(PlaceView place, List<Piece> pieces, Round.Count count) {}

  private static List<At> lay(Board board, Map<Long, List<Piece>> pieces) {
    return board.walk().stream()
        .map(
            place ->
                board.in(place).stream()
                    .flatMap(plant -> pieces.getOrDefault(plant.id(), List.of()).stream())
                    .collect(
                        Collectors.collectingAndThen(
                            Collectors.toList(), here -> at(place, inParties(here)))))
        .filter(at -> !at.pieces().isEmpty())
        .toList();
  }

  private static At at(PlaceView place, List<Piece> here) {
    return new At(place, here, count(here));
  }

  /**
   * Rows that belong to one party become one, where the first of them stood; a can of feed comes
   * after the pots of its place were felt and watered.
   */
  private static List<Piece> inParties(List<Piece> here) {
    Map<String, List<Piece>> parties =
        here.stream()
            .filter(piece -> piece.party() != null)
            .collect(Collectors.groupingBy(piece -> piece.party().id()));
    List<Piece> rows = new ArrayList<>();
    for (Piece piece : here) {
      List<Piece> with = piece.party() == null ? List.of() : parties.get(piece.party().id());
      if (with.size() < 2) {
        rows.add(piece);
      } else if (with.get(0) == piece) {
        rows.add(piece.with(with));
      }
    }
    rows.sort(Comparator.comparing(Piece::isFeed));
    return rows;
  }

  /**
   * A row of the round, not yet written out.
   *
   * @param party of which it is part, or null
   * @param members plants of its party when it stands for several, else none
   */
  private record Piece(
      boolean done,
      Optional<Work> work,
      Party party,
      List<PlantView> members,
      Supplier<RoundItem> item) {

    boolean isFeed() {
      return !done && work.filter(w -> w == Work.FEED).isPresent();
    }

    Piece with(List<Piece> others) {
      List<PlantView> plants = others.stream().flatMap(other -> other.members.stream()).toList();
      return new Piece(
          done,
          work,
          party,
          plants,
          () ->
              RoundItem.due(
                  "party-" + party.id() + "-" + plants.get(0).place().id(),
                  work.orElseThrow(),
                  plants.get(0),
                  party.task().apply(plants.size()),
                  party.reason()));
    }

    boolean stands() {
      return members.size() > 1;
    }

    boolean waits() {
      return !done;
    }

    /** Minutes that it takes. */
    double minutes(Minutes known) {
      double each = Pace.of(known, work.orElse(Work.LOOK));
      return stands() ? Math.max(each, each * party.share() * members.size()) : each;
    }
  }

  /** What each plant's rows of a day are. */
  private Map<Long, List<Piece>> pieces(LocalDate day, Board board) {
    boolean isToday = day.equals(board.today());
    boolean past = day.isBefore(board.today());
    Map<Long, List<Piece>> pieces = new HashMap<>();
    if (isToday || past) {
      for (Entry entry : journal.between(day, day)) {
        board
            .plant(entry.plantId())
            .filter(plant -> past || answers(entry))
            .ifPresent(
                plant ->
                    pieces
                        .computeIfAbsent(plant.id(), id -> new ArrayList<>())
                        .add(
                            new Piece(
                                true,
                                entry.note().work(),
                                null,
                                List.of(),
                                () -> done(entry, plant))));
      }
    }
    if (!past) {
      for (Agenda.Task<Due> task : board.agenda().on(day)) {
        Due due = task.work();
        pieces
            .computeIfAbsent(due.plant().id(), id -> new ArrayList<>())
            .add(
                new Piece(
                    false,
                    Optional.of(due.work()),
                    due.party(),
                    due.party() == null ? List.of() : List.of(due.plant()),
                    () -> due.item().apply(isToday)));
      }
    }
    return pieces;
  }

  private static RoundItem done(Entry entry, PlantView plant) {
    RoundItem item = RoundItem.done(entry.note().work(), plant, entry.text(), entry.id());
    return entry.caseId() == null ? item : item.leadingTo("/cases/" + entry.caseId(), "Case");
  }

  private Round walk(LocalDate day, Board board, List<At> laid, Long wished, Integer page) {
    boolean past = day.isBefore(board.today());
    Map<Long, Long> newest = day.equals(board.today()) ? journal.newest() : Map.of();
    Minutes minutes = past ? Minutes.learn(List.of()) : pace.minutes();
    boolean whole = laid.stream().mapToInt(at -> at.pieces().size()).sum() <= WHOLE;
    Long shown = whole ? null : shown(laid, wished);
    List<Round.Stop> stops = new ArrayList<>();
    boolean washed = past;
    for (At at : laid) {
      PlaceView place = at.place();
      boolean wash = !washed && (place.quarantine() || board.catching().contains(place.id()));
      washed |= wash;
      stops.add(
          new Round.Stop(
              place,
              whole || place.id().equals(shown)
                  ? rows(at.pieces(), place.id().equals(wished) ? page : null, newest)
                  : null,
              wash,
              at.count(),
              FormKey.next()));
    }
    return new Round(
        day,
        board.today(),
        List.copyOf(stops),
        new Round.Takes(
            Math.round(memo.lately("takes " + day, () -> takes(laid, minutes))),
            minutes.counted(Minutes.Stop.POT) + minutes.counted(Minutes.Stop.LOOK)),
        load(board, day.plusDays(1)),
        choices.times(),
        day.equals(board.today()) ? board.notices() : List.of(),
        board.agenda().putOff(day).stream().map(task -> task.work().plant().name()).toList());
  }

  /** Minutes that what waits will take. */
  private static double takes(List<At> laid, Minutes minutes) {
    return laid.stream()
        .flatMap(at -> at.pieces().stream())
        .filter(Piece::waits)
        .mapToDouble(piece -> piece.minutes(minutes))
        .sum();
  }

  /** The place whose rows are shown: the one that was wished, else the first where work waits. */
  private static Long shown(List<At> laid, Long wished) {
    return laid.stream().anyMatch(at -> at.place().id().equals(wished))
        ? wished
        : laid.stream()
            .filter(at -> at.count().waiting() > 0)
            .findFirst()
            .orElse(laid.get(0))
            .place()
            .id();
  }

  private static Round.Count count(List<Piece> here) {
    List<Piece> wait = here.stream().filter(Piece::waits).toList();
    return new Round.Count(
        wait.size(),
        here.size() - wait.size(),
        (int) wait.stream().filter(p -> p.work().filter(w -> w == Work.POT).isPresent()).count());
  }

  private Paged<Round.Row> rows(List<Piece> here, Integer page, Map<Long, Long> newest) {
    int shown = page == null ? Paged.holding(here, ROOM, Piece::waits) : page;
    return Paged.of(here, shown, ROOM)
        .map(
            piece -> {
              RoundItem item = piece.item().get();
              return new Round.Row(
                  item,
                  FormKey.next(),
                  newest.getOrDefault(item.plant().id(), 0L),
                  buttons.of(item),
                  piece.stands() ? new Round.Together(piece.party(), piece.members()) : null);
            });
  }

  private static Round.Load load(Board board, LocalDate day) {
    List<Agenda.Task<Due>> tasks = board.agenda().on(day);
    double takes = tasks.stream().mapToDouble(Agenda.Task::minutes).sum();
    return new Round.Load((int) WorkCounts.stops(tasks).count(), Math.round(takes));
  }

  private static boolean answers(Entry entry) {
    boolean wholeLook =
        entry.as(Looked.class).filter(l -> l.what() == Looked.What.FINDINGS).isPresent();
    return Pace.isAnswer(entry.note()) && !wholeLook;
  }

  /**
   * What was answered about a plant since a row was shown, by somebody else or in another window:
   * the newest such entry. What devices sent does not count.
   *
   * @param seen id of the plant's newest entry when the row was shown
   * @param work that the row asks for
   */
  public Optional<Entry> answeredSince(Long plantId, Long seen, Work work) {
    return journal.timeline(plantId, NEWEST).stream()
        .filter(entry -> entry.id() > seen && answers(entry) && !entry.sent())
        .filter(entry -> (entry.note().work().orElseThrow() == Work.POT) == (work == Work.POT))
        .findFirst();
  }
}
