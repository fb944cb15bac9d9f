package org.mildlantern.app.demo;

import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.springframework.context.ApplicationContext;

/** The demo collection once more, for a test that would leave its mark on the first. */
public final class SecondTollhouse {
  public static final String PASSWORD = "correct horse battery";

  private SecondTollhouse() {}

  /** Furnishes it for a new keeper and returns their e-mail address. */
  public static String furnish(ApplicationContext context) {
    KeeperService keepers = context.getBean(KeeperService.class);
    Scope scope = context.getBean(Scope.class);
    String email = "second" + System.nanoTime() + "@example.org";
    SignedIn made = keepers.register(email, "Second keeper", PASSWORD);
    SignedIn placed =
        scope.as(made, () -> keepers.describeCollection("Second tollhouse", 53, "Europe/London"));
    scope.as(
        placed,
        () -> {
          context.getBean(Tollhouse.class).furnish();
          return null;
        });
    return email;
  }
}
