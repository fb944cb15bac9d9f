package org.mildlantern.app.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Part;
import org.mildlantern.core.knowledge.Taxon.Sheds;
import org.mildlantern.core.season.Stage;

class FiguresTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private final Figures figures = new Figures(KNOWLEDGE);

  static Stream<GrowthForm> drawn() {
    return KNOWLEDGE.forms().stream().filter(GrowthForm::figure);
  }

  private Figure draw(GrowthForm form, String... nodes) {
    List<Mark> marks =
        Stream.of(nodes).map(n -> new Mark(KNOWLEDGE.node(n).orElseThrow())).toList();
    return figures.draw(form, marks, null, Appearance.WHOLE).orElseThrow();
  }

  @ParameterizedTest
  @MethodSource("drawn")
  void everyPartHasItsPinAndEveryShapeIsAPart(GrowthForm form) {
    Figure figure = draw(form);
    assertThat(figure.pins())
        .extracting(Figure.Pin::part)
        .containsExactlyInAnyOrderElementsOf(form.parts().stream().map(Part::id).toList());
    assertThat(form.parts())
        .extracting(Part::id)
        .containsAll(figure.shapes().stream().map(Figure.Shape::part).toList());
    assertThat(figure.pins())
        .allSatisfy(pin -> assertThat(pin.x()).as(pin.part()).isBetween(0.0, 330.0));
  }

  @ParameterizedTest
  @MethodSource("drawn")
  void everySignOfTheLeavesShowsOnTheDrawing(GrowthForm form) {
    KNOWLEDGE.nodes().stream()
        .filter(n -> KNOWLEDGE.occursOn(n, form) && !n.pattern().id().equals("around"))
        .forEach(
            node -> {
              Figure figure = draw(form, node.id());
              boolean shown =
                  figure.shapes().stream()
                      .anyMatch(s -> !s.overlays().isEmpty() || s.transform() != null);
              assertThat(shown).as(form.id() + " " + node.id()).isTrue();
            });
  }

  @Test
  void aMarkIsDrawnWhereItSits() {
    GrowthForm form = KNOWLEDGE.forms().find("leafy-stem").orElseThrow();
    Figure figure = draw(form, "yellowing@oldest-only", "limp-leaves@new-leaves");
    assertThat(figure.shapes())
        .filteredOn(s -> !s.overlays().isEmpty())
        .isNotEmpty()
        .allMatch(s -> s.part().equals("oldest"));
    assertThat(figure.shapes())
        .filteredOn(s -> s.transform() != null)
        .isNotEmpty()
        .allMatch(s -> s.part().equals("newest"));
    assertThat(figure.pins())
        .filteredOn(Figure.Pin::marked)
        .extracting(Figure.Pin::part)
        .containsExactlyInAnyOrder("oldest", "newest");
  }

  private List<String> tones(String form, String partKind, Stage stage, Sheds sheds) {
    GrowthForm drawn = KNOWLEDGE.forms().find(form).orElseThrow();
    Figure figure =
        figures.draw(drawn, List.of(), null, new Appearance(true, stage, sheds)).orElseThrow();
    return figure.shapes().stream()
        .filter(s -> drawn.part(s.part()).orElseThrow().kind().equals(partKind))
        .map(Figure.Shape::tone)
        .distinct()
        .toList();
  }

  @Test
  void flowersComeAndGoWithTheStage() {
    assertThat(tones("monopodial-orchid", "flower", Stage.GROWTH, Sheds.KEEPS))
        .containsExactly("ghost");
    assertThat(tones("monopodial-orchid", "flower", Stage.BUD, Sheds.KEEPS))
        .containsExactly("stalk", "t3");
    assertThat(tones("monopodial-orchid", "flower", Stage.FLOWER, Sheds.KEEPS))
        .containsExactly("stalk", "petal");
    assertThat(tones("monopodial-orchid", "flower", Stage.AFTER_FLOWER, Sheds.KEEPS))
        .containsExactly("drystalk", "dry");
  }

  @Test
  void leavesGoAtRestWhereTheKindShedsThem() {
    assertThat(tones("broadleaf-bonsai", "leaf-mid", Stage.REST, Sheds.ALL))
        .containsExactly("ghost");
    assertThat(tones("broadleaf-bonsai", "leaf-old", Stage.REST, Sheds.HALF))
        .containsExactly("dry");
    assertThat(tones("broadleaf-bonsai", "leaf-new", Stage.REST, Sheds.KEEPS))
        .containsExactly("t2");
    assertThat(tones("broadleaf-bonsai", "leaf-mid", Stage.GROWTH, Sheds.ALL))
        .doesNotContain("ghost");
    assertThat(tones("tank-bromeliad", "leaf-mid", Stage.AFTER_FLOWER, Sheds.KEEPS))
        .containsExactly("t4");
  }

  @Test
  void everyGrowthFormHasAFigure() {
    assertThat(KNOWLEDGE.forms()).allMatch(GrowthForm::figure);
  }

  @Test
  void aFormThatIsNotDrawnYetHasNone() {
    GrowthForm moss =
        new GrowthForm("moss", "Moss", "A cushion.", List.of(), false, 1, Map.of(), 0, List.of());
    assertThat(figures.draw(moss, List.of(), null, Appearance.WHOLE)).isEmpty();
  }
}
