package org.mildlantern.app.sensors;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.web.PlainInput;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads the files of loggers: the columns are shown first, then all lines are taken at once. */
@Service
@Transactional
class LoggerService {
  private static final Words WORDS = Words.of(LoggerService.class);
  private static final int LONGEST_NAME = 60;
  private static final int LARGEST = 12_000_000;
  private static final int BATCH = 5000;
  private static final int SHOWN = 5;

  private final LoggerFileRepository files;
  private final SensorService sensors;
  private final ReadingIntake intake;
  private final PlaceService places;
  private final Scope scope;

  LoggerService(
      LoggerFileRepository files,
      SensorService sensors,
      ReadingIntake intake,
      PlaceService places,
      Scope scope) {
    this.intake = intake;
    this.files = files;
    this.sensors = sensors;
    this.places = places;
    this.scope = scope;
  }

  /**
   * What a file says, ready to be agreed.
   *
   * @param open whether its days could be read in two ways
   * @param bad lines that cannot be read so
   */
  record Preview(
      Long id,
      PlaceView place,
      String name,
      LoggerTable table,
      List<LoggerTable.Column> columns,
      LoggerTable.Order order,
      boolean open,
      int readings,
      List<LoggerTable.Bad> bad) {

    public List<List<String>> first() {
      return table.lines().stream().limit(SHOWN).toList();
    }
  }

  /**
   * Opens a file.
   *
   * @throws IllegalArgumentException where it is no table
   */
  Long open(Long placeId, String name, String text) {
    if (text.length() > LARGEST || !PlainInput.isStorable(text)) {
      throw new IllegalArgumentException(WORDS.say("too-large"));
    }
    LoggerTable.of(text);
    files.deleteAll(files.of(placeId));
    String bare = name == null || name.isBlank() ? WORDS.say("logger") : name.strip();
    String kept = bare.length() <= LONGEST_NAME ? bare : bare.substring(0, LONGEST_NAME);
    return files.saveAndFlush(new LoggerFile(placeId, kept, text, scope.now())).id();
  }

  /**
   * What a file says by what its columns are taken for; those that are missing are guessed.
   *
   * @param columns null for as they seem to be
   * @param order null for as the file tells
   */
  @Transactional(readOnly = true)
  Optional<Preview> preview(Long id, List<LoggerTable.Column> columns, LoggerTable.Order order) {
    return files.byId(id).map(file -> preview(file, columns, order));
  }

  private Preview preview(
      LoggerFile file, List<LoggerTable.Column> columns, LoggerTable.Order order) {
    LoggerTable table = LoggerTable.of(file.body());
    List<LoggerTable.Column> taken =
        columns != null && columns.size() == table.head().size() ? columns : table.guess();
    LoggerTable.Order by = order == null ? table.order(taken) : order;
    LoggerTable.Result result = table.read(taken, by, scope.zone());
    return new Preview(
        file.id(),
        places.find(file.placeId()).orElseThrow(),
        file.name(),
        table,
        taken,
        by,
        table.isDayOpen(taken) && order == null,
        result.readings().size(),
        result.bad());
  }

  /** What became of a file. */
  record Done(Long place, int stored, int known, int refused) {}

  /**
   * Takes all that can be read of a file, as a device of its name.
   *
   * @throws IllegalArgumentException where a column of time is missing or its days are open
   */
  Optional<Done> take(Long id, List<LoggerTable.Column> columns, LoggerTable.Order order) {
    return files.byId(id).map(file -> take(file, columns, order));
  }

  private Done take(LoggerFile file, List<LoggerTable.Column> columns, LoggerTable.Order order) {
    Preview preview = preview(file, columns, order);
    if (!preview.columns().contains(LoggerTable.Column.TIME)) {
      throw new IllegalArgumentException(WORDS.say("no-time"));
    }
    if (preview.open()) {
      throw new IllegalArgumentException(WORDS.say("open"));
    }
    LoggerTable.Result result =
        preview.table().read(preview.columns(), preview.order(), scope.zone());
    int stored = 0;
    int known = 0;
    int refused = result.bad().size();
    String key = WORDS.say("key", preview.place().name(), file.name());
    for (int i = 0; i < result.readings().size(); i += BATCH) {
      ReadingIntake.Taken taken =
          intake.take(
              key, result.readings().subList(i, Math.min(i + BATCH, result.readings().size())));
      stored += taken.stored();
      known += taken.known();
      refused += taken.refused().size();
    }
    result.readings().stream()
        .map(ReadingIntake.Sent::at)
        .min(Comparator.naturalOrder())
        .ifPresent(first -> sensors.belongs(key, file.placeId(), first));
    files.delete(file);
    return new Done(file.placeId(), stored, known, refused);
  }
}
