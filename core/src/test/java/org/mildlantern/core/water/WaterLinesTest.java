package org.mildlantern.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.WaterLine;
import org.mildlantern.core.knowledge.Wish;
import org.mildlantern.core.season.Stage;

/** Every line of how to water is said to somebody, and has its figures whenever it is. */
class WaterLinesTest {
  private static final Media MEDIA = Library.shipped().media();
  private static final PotShape SHAPE = PotShape.of(PotShape.Kind.ROUND, 12, null);
  private static final boolean[] EITHER = {false, true};

  private static List<Kind> kinds() {
    List<Kind> kinds = new ArrayList<>();
    for (GrowthForm form : Library.shipped().knowledge().forms()) {
      kinds.add(Kinds.form(form.id()));
    }
    Set<String> seen = new HashSet<>();
    for (Taxon taxon : Library.shipped().knowledge().taxa()) {
      if (seen.add(taxon.form() + taxon.water() + taxon.saltShy())) {
        kinds.add(Kinds.taxon(taxon.id()));
      }
    }
    return kinds;
  }

  private static List<HowToWater.Pot> pots() {
    List<HowToWater.Pot> pots = new ArrayList<>();
    for (HowToWater.Air air :
        List.of(
            new HowToWater.Air(null, null, false),
            new HowToWater.Air(8.0, 98.0, false),
            new HowToWater.Air(26.0, 35.0, true))) {
      for (Standing.Kind in : Standing.Kind.values()) {
        for (boolean first : EITHER) {
          for (boolean second : EITHER) {
            HowToWater.Stands stands =
                in == Standing.Kind.NONE
                    ? null
                    : new HowToWater.Stands(in, Standing.level(in, SHAPE, first), second);
            Double drink = second ? 140.0 : null;
            pots.add(new HowToWater.Pot(first, second, false, drink, first, stands, air));
            pots.add(new HowToWater.Pot(second, first, false, drink, first, stands, air));
            pots.add(new HowToWater.Pot(!second, first, false, drink, first, stands, air));
            pots.add(new HowToWater.Pot(null, null, false, drink, first, stands, air));
            pots.add(new HowToWater.Pot(second, first, true, null, second, stands, air));
          }
        }
      }
    }
    return pots;
  }

  @Test
  void everyLineIsSaidToSomebodyWithItsFigures() {
    Set<String> said = new HashSet<>();
    for (Kind kind : kinds()) {
      for (HowToWater.Pot pot : pots()) {
        for (Stage stage : List.of(Stage.GROWTH, Stage.REST, Stage.SEEDLING)) {
          List<String> lines =
              HowToWater.of(MEDIA, kind, Kinds.living(kind, stage), stage == Stage.REST, pot);
          assertThat(lines).as(kind.name()).isNotEmpty().doesNotHaveDuplicates();
          assertThat(lines).noneMatch(line -> line.contains("{") || line.contains("null"));
          said.addAll(lines.stream().map(line -> line.substring(0, 16)).toList());
        }
      }
    }
    for (WaterLine line : MEDIA.how()) {
      String start = line.say().toString().substring(0, 16).replaceFirst("\\{.*", "");
      assertThat(said).as(line.id()).anyMatch(words -> words.startsWith(start));
    }
  }

  @Test
  void noPlantIsToldTwoWaysAtOnce() {
    for (Kind kind : kinds()) {
      for (HowToWater.Pot pot : pots()) {
        String all =
            String.join(" ", HowToWater.of(MEDIA, kind, Kinds.living(kind, true), true, pot));
        assertThat(all.contains("Fill the tray") && all.contains("no standing water"))
            .as(kind.name())
            .isFalse();
        assertThat(all.contains("Soak it until") && all.contains("Very dry medium"))
            .as(kind.name())
            .isFalse();
      }
    }
  }

  @Test
  void aWishIsLookedAtBeforeItIsBorneAndRestIsNeverWetter() {
    for (Kind kind : kinds()) {
      Wish growing = MEDIA.wish(kind.habits(), false);
      Wish resting = MEDIA.wish(kind.habits(), true);
      assertThat(growing.patience()).as(growing.id()).isLessThan(growing.bears());
      assertThat(resting.threshold()).as(kind.name()).isLessThanOrEqualTo(growing.threshold());
      assertThat(resting.waits()).isGreaterThanOrEqualTo(growing.waits());
    }
  }
}
