package org.mildlantern.app.weather;

import java.util.Optional;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.CollectionMemo.From;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.air.ClimateYear;
import org.mildlantern.core.air.EpwFile;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The weather that is usual where the collection stands. */
@Service
@Transactional
public class ClimateService {
  private static final Words WORDS = Words.of(ClimateService.class);
  private static final int LONGEST_NAME = 100;
  private static final double FAR = 3;

  private final OwnClimateRepository climates;
  private final CollectionMemo memo;
  private final Scope scope;

  ClimateService(OwnClimateRepository climates, CollectionMemo memo, Scope scope) {
    this.climates = climates;
    this.memo = memo;
    this.scope = scope;
  }

  /** As a file told it, else by latitude. */
  @Transactional(readOnly = true)
  public ClimateYear here() {
    return memo.once(
        From.GROUND,
        "climate",
        () ->
            climates.own().map(OwnClimate::year).orElseGet(() -> ClimateYear.at(scope.latitude())));
  }

  /** The name of the file's place, where there is one. */
  @Transactional(readOnly = true)
  Optional<String> name() {
    return climates.own().map(OwnClimate::name);
  }

  /**
   * Keeps what a weather file says.
   *
   * @throws IllegalArgumentException where it is none, or from somewhere else
   */
  String keep(String text) {
    EpwFile file = EpwFile.read(text);
    if (Math.abs(file.latitude() - scope.latitude()) > FAR) {
      throw new IllegalArgumentException(
          WORDS.say("far", file.place(), file.latitude(), scope.latitude()));
    }
    String name =
        file.place().length() <= LONGEST_NAME
            ? file.place()
            : file.place().substring(0, LONGEST_NAME);
    OwnClimate own = climates.own().orElseGet(() -> new OwnClimate(name, file.year()));
    own.describe(name, file.year());
    climates.save(own);
    return name;
  }

  void takeOut() {
    climates.own().ifPresent(climates::delete);
  }
}
