package org.mildlantern.app.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Rectangle2D;
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
  void whatAnOpenWordCanMeanIsToldByItsPictures(GrowthForm form) {
    assertThat(KNOWLEDGE.openWords())
        .allSatisfy(
            word ->
                assertThat(word.meant().stream().filter(id -> KNOWLEDGE.occurs(id, null, form)))
                    .extracting(id -> figures.swatch(KNOWLEDGE.signs().find(id).orElseThrow()))
                    .doesNotHaveDuplicates());
  }

  @Test
  void whatSitsAlongVeinsOrOnOneSideIsDrawnThere() {
    GrowthForm lily = KNOWLEDGE.forms().find("leafy-stem").orElseThrow();
    assertThat(overlays(draw(lily, "stipple@along-veins")))
        .isNotEmpty()
        .allSatisfy(overlay -> assertThat(overlay.d()).startsWith("M"));
    assertThat(overlays(draw(lily, "yellowing@one-side")).size())
        .isBetween(1, overlays(draw(lily, "yellowing@all-leaves")).size() - 1);
  }

  private static List<Figure.Overlay> overlays(Figure figure) {
    return figure.shapes().stream()
        .filter(shape -> shape.kind().equals("leaf"))
        .flatMap(shape -> shape.overlays().stream())
        .toList();
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

  /** A letter is 4.9 wide on the mean, a line 11 high; the page shows from -16 to 346. */
  private static Rectangle2D label(Figure.Pin pin) {
    double width = 4.9 * pin.label().length();
    double left =
        switch (pin.anchor()) {
          case "start" -> pin.labelX();
          case "end" -> pin.labelX() - width;
          default -> pin.labelX() - width / 2;
        };
    return new Rectangle2D.Double(left, pin.labelY() - 9, width, 11);
  }

  private static boolean isCrossed(Figure.Pin pin) {
    return label(pin).intersectsLine(pin.x(), pin.y(), pin.labelX(), pin.lineY());
  }

  @ParameterizedTest
  @MethodSource("drawn")
  void noLabelIsCutOrLiesOnAnother(GrowthForm form) {
    Rectangle2D page = new Rectangle2D.Double(-16, 22, 362, 414);
    List<Figure.Pin> pins = draw(form).pins();
    for (Figure.Pin pin : pins) {
      assertThat(page.contains(label(pin))).as(pin.label()).isTrue();
      assertThat(pin.anchor().equals("middle") && isCrossed(pin)).as(pin.label()).isFalse();
      assertThat(pins)
          .filteredOn(other -> other != pin)
          .allSatisfy(
              other ->
                  assertThat(label(pin).intersects(label(other)))
                      .as(pin.label() + " on " + other.label())
                      .isFalse());
    }
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

  private static List<String> modes(Figure figure, String part, String kind) {
    return figure.shapes().stream()
        .filter(s -> s.part().equals(part) && s.kind().equals(kind))
        .flatMap(s -> s.overlays().stream())
        .map(Figure.Overlay::mode)
        .distinct()
        .toList();
  }

  /** Broad leaves are outlines with a stalk, straps are leaves, the pads of a tree have no tip. */
  @Test
  void edgesLieAtTheEdgeAndTipsAtTheTipOfEveryKindOfShape() {
    GrowthForm broad = KNOWLEDGE.forms().find("big-leaf-rosette").orElseThrow();
    assertThat(modes(draw(broad, "crisp-margins@margins"), "mid", "path")).containsExactly("edge");
    assertThat(modes(draw(broad, "brown-tips@tips"), "mid", "path")).containsExactly("disc");
    assertThat(modes(draw(broad, "crisp-margins@margins"), "mid", "line")).isEmpty();
    assertThat(modes(draw(broad, "yellowing@all-leaves"), "mid", "line")).containsExactly("line");
    GrowthForm tree = KNOWLEDGE.forms().find("broadleaf-bonsai").orElseThrow();
    assertThat(modes(draw(tree, "brown-tips@tips"), "mid", "path")).containsExactly("edge");
    GrowthForm leafy = KNOWLEDGE.forms().find("leafy-stem").orElseThrow();
    assertThat(modes(draw(leafy, "crisp-margins@margins"), "mid", "leaf")).containsExactly("edge");
  }

  private double widest(String form, String mark) {
    return draw(KNOWLEDGE.forms().find(form).orElseThrow(), mark).shapes().stream()
        .filter(s -> s.kind().equals("leaf"))
        .flatMap(s -> s.overlays().stream())
        .mapToDouble(Figure.Overlay::r)
        .max()
        .orElseThrow();
  }

  @Test
  void smallLeavesAreNotCoveredByTheirEdgesOrTips() {
    assertThat(widest("creeping-mat", "crisp-margins@margins")).isBetween(2.0, 7.0);
    assertThat(widest("creeping-mat", "brown-tips@tips")).isBetween(5.0, 15.0);
    assertThat(widest("monopodial-orchid", "crisp-margins@margins")).isEqualTo(9);
  }

  @Test
  void marksOnOnePartLieSoThatEachIsSeen() {
    GrowthForm broad = KNOWLEDGE.forms().find("big-leaf-rosette").orElseThrow();
    assertThat(
            modes(
                draw(broad, "halo-spots@scattered", "brown-tips@tips", "yellowing@all-leaves"),
                "mid",
                "path"))
        .containsExactly("fill", "disc");
    Figure figure =
        draw(broad, "stipple@all-leaves", "crisp-margins@margins", "pale-leaves@all-leaves");
    assertThat(
            figure.shapes().stream()
                .filter(s -> s.part().equals("mid") && s.kind().equals("path"))
                .map(s -> s.overlays().stream().map(Figure.Overlay::swatch).toList()))
        .containsOnly(List.of("pale", "margin", "stipple"));
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
