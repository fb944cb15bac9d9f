package org.mildlantern.app.mixing;

import java.util.Arrays;
import java.util.List;
import org.mildlantern.app.keeper.ChoiceService;
import org.mildlantern.core.reading.Typed;
import org.springframework.stereotype.Component;

/** The sprayers and cans that a keeper mixes in. */
@Component
public class Vessels {
  private static final String CHOICE = "vessels";
  private static final int MOST = 8;
  private static final double LEAST_LITRES = 0.02;
  private static final double MOST_LITRES = 100;

  private final ChoiceService choices;

  Vessels(ChoiceService choices) {
    this.choices = choices;
  }

  /** Their litres, the smallest first. */
  public List<Double> litres() {
    String chosen = choices.all().getOrDefault(CHOICE, "");
    return chosen.isEmpty()
        ? List.of()
        : Arrays.stream(chosen.split(" ")).map(Double::valueOf).sorted().toList();
  }

  /**
   * Keeps them.
   *
   * @param typed litres with blanks or semicolons between
   * @throws IllegalArgumentException when one is no size of a vessel
   */
  void use(String typed) {
    List<String> parts =
        Arrays.stream(typed.strip().split("[;\\s]+")).filter(part -> !part.isEmpty()).toList();
    List<Double> litres =
        parts.stream()
            .flatMap(part -> Typed.decimal(part).stream())
            .filter(l -> l >= LEAST_LITRES && l <= MOST_LITRES)
            .toList();
    if (litres.size() != parts.size() || parts.size() > MOST) {
      throw new IllegalArgumentException(
          "Litres with blanks between, such as 0.5 1.5 5; from 0.02 to 100, at most 8.");
    }
    choices.choose(CHOICE, String.join(" ", litres.stream().map(String::valueOf).toList()));
  }
}
