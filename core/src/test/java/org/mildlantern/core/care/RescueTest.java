package org.mildlantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.care.Remains.Share;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Rescue;

/** Lines of the odds of hurt plants, tried on every form with every way to be hurt. */
class RescueTest {
  private static final Rescue RESCUE = Library.shipped().rescue();
  private static final List<GrowthForm> FORMS = List.copyOf(Library.shipped().knowledge().forms());

  private static List<Cause> unlikeCauses() {
    Set<String> seen = new HashSet<>();
    return Library.shipped().knowledge().causes().stream()
        .filter(cause -> seen.add(cause.reversible()))
        .toList();
  }

  private static List<Remains> remains() {
    return Stream.of(true, false)
        .flatMap(
            sound ->
                Stream.of(0, 1, 2, 5)
                    .flatMap(
                        count ->
                            Stream.of(Share.values())
                                .map(s -> new Remains(sound, count, count, s, sound, s))))
        .toList();
  }

  private static Prognosis of(Cause cause, GrowthForm form, Remains remains) {
    return Prognosis.of(RESCUE, cause, form, remains);
  }

  @Test
  void everyLineCountsForSomebodyAndNoneTwice() {
    Set<String> counted = new HashSet<>();
    for (Cause cause : unlikeCauses()) {
      for (GrowthForm form : FORMS) {
        for (Remains remains : remains()) {
          List<String> names =
              of(cause, form, remains).working().steps().stream().map(s -> s.name()).toList();
          assertThat(names).as(form.id()).doesNotHaveDuplicates();
          counted.addAll(names);
        }
      }
    }
    RESCUE.odds().stream()
        .filter(line -> line.say().names().isEmpty())
        .forEach(line -> assertThat(counted).contains(line.say().toString()));
    assertThat(counted).contains("1 working leaf", "5 working leaves", "2 firm bulbs");
  }

  @Test
  void moreThatLivesNeverLowersTheOdds() {
    for (Cause cause : unlikeCauses()) {
      for (GrowthForm form : FORMS) {
        double last = 0;
        for (int leaves : new int[] {0, 1, 3, 9}) {
          double now =
              of(cause, form, new Remains(true, leaves, leaves, Share.FEW, true, Share.FEW))
                  .probability();
          assertThat(now).as(form.id() + " with " + leaves).isGreaterThanOrEqualTo(last);
          last = now;
        }
        double lost =
            of(cause, form, new Remains(false, 3, 3, Share.FEW, true, Share.FEW)).probability();
        double kept =
            of(cause, form, new Remains(true, 3, 3, Share.FEW, true, Share.FEW)).probability();
        assertThat(lost).as(form.id()).isLessThan(kept);
      }
    }
  }

  @Test
  void whatWasNotLookedAtSaysNothing() {
    for (Cause cause : unlikeCauses()) {
      for (GrowthForm form : FORMS) {
        Prognosis nothing = of(cause, form, new Remains(null, null, null, null, null, null));
        assertThat(nothing.working().steps()).as(form.id()).hasSize(1);
      }
    }
  }
}
