package org.mildlantern.core.sheet;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.SheetWords;
import org.mildlantern.core.plant.PotMaterial;
import org.mildlantern.core.plant.WaterGiven;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.words.Words;

/** Reads one row of a list. What a cell says in words that are not known is kept in the notes. */
final class RowReader {
  private static final Words WORDS = Words.of(RowReader.class);

  private static final DateTimeFormatter FULL =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

  private static final int LONGEST_CODE = 20;
  private static final int LONGEST_PLACE = 60;
  private static final int LONGEST_MIX = 80;
  private static final int LONGEST_NOTES = 2000;

  private final Knowledge knowledge;
  private final SheetWords words;
  private final Ground ground;
  private final List<String> notes = new ArrayList<>();
  private List<String> texts;
  private Cell[] cells;
  private SheetReader.Tally tally;

  /** What all rows are read against. */
  record Ground(
      List<SheetReading.Head> heads,
      Map<Column, Integer> at,
      Answers answers,
      DayOrder order,
      SheetReader.Around around) {}

  RowReader(Knowledge knowledge, SheetWords words, Ground ground) {
    this.knowledge = knowledge;
    this.words = words;
    this.ground = ground;
  }

  /**
   * Reads the row.
   *
   * @param codes that are taken; that of the row is added
   */
  SheetReading.Row read(int number, List<String> row, Set<String> codes, SheetReader.Tally open) {
    texts = row;
    tally = open;
    cells = new Cell[row.size()];
    String code = code(codes);
    Names names = names();
    PotCell pot = length(Column.POT);
    PotCell deep = length(Column.DEPTH);
    PotMaterial material = known(Column.MATERIAL, words::material, PotMaterial::label, true);
    PotShape.Kind shape = materialAsShape();
    PlantRow.Filling filling = filling();
    Boolean holes = known(Column.HOLES, words::yesNo, yes -> WORDS.say(yes ? "yes" : "no"), false);
    Boolean outer = known(Column.OUTER, words::yesNo, yes -> WORDS.say(yes ? "yes" : "no"), false);
    WaterGiven water = known(Column.WATER, words::water, WaterGiven::label, false);
    Stage stage = known(Column.STAGE, words::stage, Stage::label, false);
    LocalDate arrived = day(Column.ARRIVED);
    Where where = where();
    asides(names);
    if ("mount".equals(filling.mediumId()) && shape == null && pot.shape() == null) {
      shape = PotShape.Kind.MOUNT;
    }
    for (int i = 0; i < cells.length; i++) {
      cells[i] = cells[i] == null ? Cell.good(texts.get(i)) : cells[i];
    }
    String problem =
        ground.at.containsKey(nameColumn()) ? where.problem() : WORDS.say("no-name-column");
    boolean good = problem == null && List.of(cells).stream().allMatch(Cell::good);
    PlantRow plant =
        !good
            ? null
            : new PlantRow(
                code,
                names.name(),
                names.form(),
                where.place(),
                new PlantRow.InPot(
                    pot.shape() == null ? shape : pot.shape(),
                    pot.cm(),
                    deep.cm() == null ? pot.depthCm() : deep.cm(),
                    material == null ? pot.material() : material,
                    holes,
                    outer),
                filling,
                water,
                stage,
                arrived,
                String.join("\n", notes));
    return new SheetReading.Row(number, List.of(cells), problem, plant);
  }

  private String text(Column column) {
    Integer at = ground.at.get(column);
    return at == null || words.isBlank(texts.get(at)) ? "" : texts.get(at).strip();
  }

  private void set(Column column, Cell cell) {
    cells[ground.at.get(column)] = cell;
  }

  private void note(Column column, String text) {
    notes.add(ground.heads.get(ground.at.get(column)).heading().text() + ": " + text);
  }

  private String code(Set<String> codes) {
    String code = text(Column.CODE);
    if (code.length() > LONGEST_CODE) {
      set(Column.CODE, Cell.bad(code, WORDS.say("long", LONGEST_CODE)));
    } else if (!code.isEmpty() && !codes.add(code.toLowerCase(Locale.ROOT))) {
      List<Cell.Choice> next = List.of(new Cell.Choice("", WORDS.say("next-code")));
      set(Column.CODE, Cell.bad(code, WORDS.say("code-taken"), () -> next));
    }
    return code;
  }

  private Names names() {
    String form = form();
    Names names =
        Names.of(
            new Names.Told(
                text(Column.NAME),
                text(Column.GENUS),
                text(Column.SPECIES),
                text(Column.CULTIVAR),
                text(Column.COMMON)),
            text(nameColumn()),
            form,
            knowledge);
    Integer at = ground.at.get(nameColumn());
    if (at != null) {
      cells[at] = names.cell();
      Integer build = ground.at.get(Column.FORM);
      boolean asks = !names.cell().good() && !names.name().isEmpty();
      if (asks && build != null && cells[build] == null) {
        cells[build] = Cell.bad(texts.get(build), WORDS.say("form"));
      }
    }
    return names;
  }

  private Column nameColumn() {
    for (Column column :
        List.of(Column.NAME, Column.SPECIES, Column.GENUS, Column.COMMON, Column.CULTIVAR)) {
      if (ground.at.containsKey(column)) {
        return column;
      }
    }
    return Column.NAME;
  }

  /** Id of how it is built; words that name no build say nothing. */
  private String form() {
    String text = text(Column.FORM);
    if (text.isEmpty()) {
      return null;
    }
    Optional<String> build =
        ground.around.builds().entrySet().stream()
            .filter(
                each ->
                    each.getKey().equalsIgnoreCase(text) || each.getValue().equalsIgnoreCase(text))
            .map(Map.Entry::getKey)
            .findFirst()
            .or(
                () ->
                    knowledge.forms().stream()
                        .filter(form -> form.label().equalsIgnoreCase(text))
                        .map(form -> form.id())
                        .findFirst());
    build.ifPresentOrElse(
        id -> set(Column.FORM, Cell.taken(text, ground.around.builds().get(id))),
        () -> note(Column.FORM, text));
    return build.orElse(null);
  }

  private PotCell length(Column column) {
    String text = text(column);
    Integer at = ground.at.get(column);
    Length unit =
        at != null && ground.heads.get(at).heading().unit() != null
            ? ground.heads.get(at).heading().unit()
            : ground.answers.unit();
    PotCell pot = PotCell.of(text, unit, words);
    if (text.isEmpty()) {
      return pot;
    }
    tally.unit |= pot.asksUnit();
    if (pot.problem() != null) {
      List<Cell.Choice> units =
          pot.asksUnit()
              ? List.of(Cell.Choice.of(text + " cm"), Cell.Choice.of(text + " in"))
              : List.of();
      set(column, Cell.bad(text, pot.problem(), () -> units));
      return pot;
    }
    if (!pot.left().isEmpty()) {
      note(column, text);
    }
    set(column, Cell.taken(text, pot.words()));
    return pot;
  }

  /** What is known of a word; other words are kept in the notes. */
  private <T> T known(
      Column column,
      Function<String, Optional<T>> meant,
      Function<T, String> label,
      boolean shape) {
    String text = text(column);
    if (text.isEmpty()) {
      return null;
    }
    Optional<T> found = meant.apply(text);
    if (found.isPresent()) {
      String read = label.apply(found.get());
      set(column, read.equalsIgnoreCase(text) ? Cell.good(text) : Cell.taken(text, read));
    } else if (!shape || words.shape(text).isEmpty()) {
      note(column, text);
      set(column, Cell.taken(text, WORDS.say("kept")));
    }
    return found.orElse(null);
  }

  private PotShape.Kind materialAsShape() {
    String text = text(Column.MATERIAL);
    return text.isEmpty() ? null : words.shape(text).orElse(null);
  }

  private PlantRow.Filling filling() {
    LocalDate since = day(Column.MEDIUM_SINCE);
    String text = text(Column.MEDIUM);
    if (text.isEmpty()) {
      return new PlantRow.Filling(null, null, since);
    }
    Optional<String> id = words.medium(text);
    if (id.isPresent()) {
      String label = knowledge.media().find(id.get()).map(Medium::label).orElseThrow();
      set(Column.MEDIUM, label.equalsIgnoreCase(text) ? Cell.good(text) : Cell.taken(text, label));
      return new PlantRow.Filling(id.get(), null, since);
    }
    if (text.length() > LONGEST_MIX) {
      set(Column.MEDIUM, Cell.bad(text, WORDS.say("long", LONGEST_MIX)));
    } else {
      set(Column.MEDIUM, Cell.taken(text, WORDS.say("own-mix")).offering(this::media));
    }
    return new PlantRow.Filling(null, text, since);
  }

  private List<Cell.Choice> media() {
    return knowledge.media().stream().map(Medium::label).map(Cell.Choice::of).toList();
  }

  private LocalDate day(Column column) {
    String text = text(column);
    if (text.isEmpty()) {
      return null;
    }
    DayCell day = DayCell.of(text, ground.order, ground.around.now());
    tally.days |= day.asks();
    if (day.day() == null) {
      set(column, Cell.bad(text, day.problem()));
      return null;
    }
    set(
        column,
        Cell.taken(
            text,
            day.rough() ? WORDS.say("about-day", FULL.format(day.day())) : FULL.format(day.day())));
    if (day.rough()) {
      note(column, text);
    }
    return day.day();
  }

  /**
   * Where it stands.
   *
   * @param place its name, or null
   * @param problem of a row that tells none, or null
   */
  private record Where(String place, String problem) {}

  private Where where() {
    String text = text(Column.PLACE);
    if (text.isEmpty()) {
      tally.rest++;
      String rest = ground.answers.rest();
      return new Where(rest, rest == null ? WORDS.say("no-place") : null);
    }
    if (text.length() > LONGEST_PLACE) {
      set(Column.PLACE, Cell.bad(text, WORDS.say("long", LONGEST_PLACE)));
      return new Where(text, null);
    }
    Optional<String> there =
        ground.around.places().stream().filter(name -> name.equalsIgnoreCase(text)).findFirst();
    if (there.isEmpty()) {
      tally.place(text);
      Answers.NewPlace meant = ground.answers.places().get(text.toLowerCase(Locale.ROOT));
      boolean other = meant != null && meant.sameAs() != null;
      set(Column.PLACE, Cell.taken(text, other ? meant.sameAs() : WORDS.say("new-place")));
      return new Where(other ? meant.sameAs() : text, null);
    }
    return new Where(there.get(), null);
  }

  private void asides(Names names) {
    names.also().forEach(name -> notes.add(WORDS.say("also", name)));
    for (int i = 0; i < texts.size(); i++) {
      Column column = ground.heads.get(i).column();
      String text = texts.get(i).strip();
      if (column == Column.ASIDE && !words.isBlank(text)) {
        notes.add(ground.heads.get(i).heading().text() + ": " + text);
      } else if (column == Column.NOTES && !words.isBlank(text)) {
        notes.add(0, text);
      }
    }
    int length = notes.stream().mapToInt(note -> note.length() + 1).sum();
    if (length > LONGEST_NOTES) {
      int at = ground.at.getOrDefault(Column.NOTES, ground.at.getOrDefault(Column.ASIDE, 0));
      cells[at] = Cell.bad(texts.get(at), WORDS.say("long", LONGEST_NOTES));
    }
  }
}
