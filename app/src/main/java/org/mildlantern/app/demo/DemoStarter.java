package org.mildlantern.app.demo;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import org.mildlantern.app.keeper.DemoDoor;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/**
 * Makes the demo collection on the first start with demo data, and on later ones shifts its dates
 * so that they count back from today. What a visitor has written stays and shifts along.
 */
@Component
class DemoStarter implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(DemoStarter.class);

  private final DemoDoor door;
  private final KeeperService keepers;
  private final Tollhouse tollhouse;
  private final DemoShift shift;
  private final Scope scope;

  DemoStarter(
      DemoDoor door, KeeperService keepers, Tollhouse tollhouse, DemoShift shift, Scope scope) {
    this.door = door;
    this.keepers = keepers;
    this.tollhouse = tollhouse;
    this.shift = shift;
    this.scope = scope;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    if (!door.open()) {
      return;
    }
    Optional<SignedIn> found = keepers.byEmail(DemoDoor.EMAIL);
    SignedIn keeper = found.orElseGet(tollhouse::makeKeeper);
    scope.as(
        keeper,
        () -> {
          LocalDate today = scope.today();
          Optional<LocalDate> anchor = keepers.demoAnchor(keeper);
          if (anchor.isEmpty()) {
            tollhouse.furnish();
            LOG.info("made the demo collection");
          } else {
            shift.by((int) ChronoUnit.DAYS.between(anchor.get(), today), keeper);
          }
          keepers.anchorDemo(keeper, today);
          if (!door.demoToken().isEmpty()) {
            keepers.keepToken("demo", door.demoToken());
          }
          return null;
        });
  }
}
