package org.mildlantern.app.figure;

import com.fasterxml.jackson.core.type.TypeReference;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.NameChoice;
import org.mildlantern.core.knowledge.Part;
import org.mildlantern.core.knowledge.Sign;
import org.springframework.stereotype.Component;

/** Draws figures: geometry from the figure files, textures from the marked signs. */
@Component
public class Figures {
  private static final double DROOP_DEGREES = 16;

  /**
   * A tip or a base takes no more of a leaf than this share of its length; its vein, or its two
   * edges together, of its width.
   */
  private static final double SHARE = 0.33;

  private static final double DISC_RADIUS = 22;
  private static final double LINE_WIDTH = 9;

  /** The axis of all drawings. */
  private static final double MIDDLE = 165;

  /** What a stalk shares with its blade. */
  private static final Predicate<Mark> ALL_OVER =
      mark -> mark.node().pattern().overlay().equals("fill");

  private final Map<String, FigureData> figures = new TreeMap<>();
  private final Map<String, Swatch> swatches;
  private final Knowledge knowledge;

  Figures(Knowledge knowledge) {
    this.knowledge = knowledge;
    for (GrowthForm form : knowledge.forms()) {
      if (form.figure()) {
        figures.put(form.id(), FigureFiles.read(form.id(), new TypeReference<FigureData>() {}));
      }
    }
    List<Swatch> all = FigureFiles.read("swatches", new TypeReference<List<Swatch>>() {});
    swatches =
        all.stream().collect(Collectors.toMap(Swatch::id, s -> s, (a, b) -> a, LinkedHashMap::new));
    knowledge.signs().stream()
        .filter(sign -> !swatches.containsKey(sign.swatch()))
        .findFirst()
        .ifPresent(
            sign -> {
              throw new IllegalStateException(
                  "figures/swatches.yaml: " + sign.id() + " wants '" + sign.swatch() + "'");
            });
  }

  /** Whole plants of growth forms, to be shown small, by the form's id. */
  public SortedMap<String, Figure> small(Stream<GrowthForm> forms) {
    SortedMap<String, Figure> small = new TreeMap<>();
    forms
        .distinct()
        .forEach(
            form ->
                draw(form, List.of(), null, Appearance.WHOLE)
                    .ifPresent(figure -> small.put(form.id(), figure)));
    return small;
  }

  /** Those of what a name may stand for. */
  public SortedMap<String, Figure> small(List<NameChoice> choices) {
    return small(choices.stream().map(NameChoice::form).filter(Objects::nonNull));
  }

  /** The texture of a sign: its own, where there are signs like it, else that which it shares. */
  public String swatch(Sign sign) {
    return swatches.containsKey(sign.id()) ? sign.id() : sign.swatch();
  }

  public Collection<Swatch> swatches() {
    return swatches.values();
  }

  /** The textures of the signs that can be seen on plants of a form. */
  public List<Swatch> swatches(GrowthForm form) {
    Set<String> shown =
        knowledge.signs().stream()
            .filter(sign -> knowledge.occurs(sign.id(), null, form))
            .map(this::swatch)
            .collect(Collectors.toSet());
    return swatches.values().stream().filter(one -> shown.contains(one.id())).toList();
  }

  /**
   * Draws the figure of a form, if there is one.
   *
   * @param chosen id of the part being looked at, or null
   */
  public Optional<Figure> draw(
      GrowthForm form, Collection<Mark> marks, String chosen, Appearance appearance) {
    return Optional.ofNullable(figures.get(form.id()))
        .map(data -> draw(data, form, marks, chosen, appearance));
  }

  private Figure draw(
      FigureData data,
      GrowthForm form,
      Collection<Mark> marks,
      String chosen,
      Appearance appearance) {
    Map<String, List<Mark>> byPart = marksByPart(data, form, marks);
    List<Figure.Shape> shapes = new ArrayList<>();
    for (FigureData.Stroke stroke : data.shapes()) {
      FigureData.Stroke posed = pose(stroke, form, appearance);
      List<Mark> there = byPart.getOrDefault(stroke.part(), List.of());
      boolean stalk = stroke.line() && !data.onlyLines(stroke.part());
      shapes.add(
          shape(
              "s" + shapes.size(),
              posed,
              stalk ? there.stream().filter(ALL_OVER).toList() : there));
    }
    Set<String> markedParts =
        form.parts().stream()
            .filter(
                part ->
                    marks.stream().anyMatch(m -> m.node().pattern().kinds().contains(part.kind())))
            .map(Part::id)
            .collect(Collectors.toSet());
    List<Figure.Pin> pins =
        data.pins().stream()
            .map(
                pin ->
                    new Figure.Pin(
                        pin.part(),
                        form.part(pin.part()).orElseThrow().label(),
                        new Figure.Pin.Spot(pin.at().get(0), pin.at().get(1)),
                        new Figure.Pin.Text(pin.label().get(0), pin.label().get(1), pin.side()),
                        pin.part().equals(chosen),
                        markedParts.contains(pin.part())))
            .toList();
    return new Figure(
        form.label(), appearance.clay() ? "clay" : "slate", List.copyOf(shapes), pins);
  }

  private static FigureData.Stroke pose(
      FigureData.Stroke stroke, GrowthForm form, Appearance appearance) {
    String kind = form.part(stroke.part()).map(Part::kind).orElse("");
    FigureData.Stroke toned = stroke.toned(appearance.tone(stroke.tone(), kind, form));
    return kind.equals("flower") ? toned.scaled(appearance.flowerSize()) : toned;
  }

  private static Map<String, List<Mark>> marksByPart(
      FigureData data, GrowthForm form, Collection<Mark> marks) {
    Map<String, List<Mark>> byPart = new TreeMap<>();
    for (Mark mark : marks) {
      for (Part part : form.parts()) {
        if (mark.node().pattern().kinds().contains(part.kind())) {
          for (String drawn : data.alike().getOrDefault(part.id(), List.of(part.id()))) {
            List<Mark> there = byPart.computeIfAbsent(drawn, p -> new ArrayList<>());
            if (!there.contains(mark)) {
              there.add(mark);
            }
          }
        }
      }
    }
    return byPart;
  }

  private Figure.Shape shape(String id, FigureData.Stroke stroke, List<Mark> marks) {
    boolean leaf = "leaf".equals(stroke.kind());
    boolean droops = leaf && marks.stream().anyMatch(m -> m.node().sign().swatch().equals("droop"));
    List<Figure.Overlay> overlays =
        marks.stream()
            .filter(m -> !leaf || !m.node().sign().swatch().equals("droop"))
            .filter(m -> isOnSide(m, stroke))
            .map(m -> overlay(swatch(m.node().sign()), m, stroke))
            .distinct()
            .sorted(Comparator.comparingInt(this::layer))
            .toList();
    return new Figure.Shape(
        id,
        stroke.part(),
        stroke.kind(),
        stroke.tone(),
        new Figure.Shape.Outline(
            path(stroke), leaf ? midrib(stroke) : null, droops ? droop(stroke) : null),
        overlays);
  }

  /** Colours of the whole lie below edges and tips, and these below what leaves the ground bare. */
  private int layer(Figure.Overlay overlay) {
    boolean bare = swatches.get(overlay.swatch()).ground().equals("none");
    return bare ? 2 : overlay.mode().equals("fill") ? 0 : 1;
  }

  /** What sits on one side is drawn on the right-hand one. */
  private static boolean isOnSide(Mark mark, FigureData.Stroke stroke) {
    boolean oneSide = mark.node().pattern().overlay().equals("side");
    return !oneSide || stroke.to() == null || stroke.to().get(0) > MIDDLE;
  }

  /** A shape that is only a line carries the texture along it; one without a tip, at its edge. */
  private static Figure.Overlay overlay(String swatch, Mark mark, FigureData.Stroke stroke) {
    String mode = mark.node().pattern().overlay();
    if (stroke.line()) {
      return whole(swatch, "line");
    }
    return switch (mode) {
      case "edge" -> edge(swatch, stroke);
      case "tip" -> stroke.to() == null ? edge(swatch, stroke) : disc(swatch, stroke.to(), stroke);
      case "base" ->
          stroke.from() == null ? whole(swatch, "fill") : disc(swatch, stroke.from(), stroke);
      case "vein" -> vein(swatch, stroke);
      case "side" -> whole(swatch, "fill");
      default -> whole(swatch, mode);
    };
  }

  private static Figure.Overlay whole(String swatch, String mode) {
    return new Figure.Overlay(swatch, mode, 0, 0, 0, null);
  }

  private static Figure.Overlay edge(String swatch, FigureData.Stroke stroke) {
    return new Figure.Overlay(swatch, "edge", 0, 0, line(stroke), null);
  }

  private static Figure.Overlay vein(String swatch, FigureData.Stroke stroke) {
    return stroke.hasLength()
        ? new Figure.Overlay(swatch, "vein", 0, 0, line(stroke), midrib(stroke))
        : whole(swatch, "fill");
  }

  private static double line(FigureData.Stroke stroke) {
    return "leaf".equals(stroke.kind()) ? Math.min(LINE_WIDTH, SHARE * stroke.width()) : LINE_WIDTH;
  }

  private static Figure.Overlay disc(String swatch, List<Double> at, FigureData.Stroke stroke) {
    double radius =
        stroke.hasLength() ? Math.min(DISC_RADIUS, SHARE * stroke.length()) : DISC_RADIUS;
    return new Figure.Overlay(swatch, "disc", at.get(0), at.get(1), radius, null);
  }

  private static String path(FigureData.Stroke stroke) {
    return switch (stroke.kind()) {
      case "leaf" -> leaf(stroke);
      case "oval" -> oval(stroke.at(), stroke.radius());
      default -> stroke.d();
    };
  }

  /** Two quadratic curves from base to tip, whose control points lie a width apart. */
  private static String leaf(FigureData.Stroke s) {
    double[] c = control(s);
    double[] n = normal(s);
    return format(
        "M%.1f %.1f Q%.1f %.1f %.1f %.1f Q%.1f %.1f %.1f %.1f Z",
        s.from().get(0),
        s.from().get(1),
        c[0] + n[0] * s.width(),
        c[1] + n[1] * s.width(),
        s.to().get(0),
        s.to().get(1),
        c[0] - n[0] * s.width(),
        c[1] - n[1] * s.width(),
        s.from().get(0),
        s.from().get(1));
  }

  private static String midrib(FigureData.Stroke s) {
    double[] c = control(s);
    return format(
        "M%.1f %.1f Q%.1f %.1f %.1f %.1f",
        s.from().get(0), s.from().get(1), c[0], c[1], s.to().get(0), s.to().get(1));
  }

  private static double[] control(FigureData.Stroke s) {
    double[] n = normal(s);
    return new double[] {
      (s.from().get(0) + s.to().get(0)) / 2 + n[0] * s.bend(),
      (s.from().get(1) + s.to().get(1)) / 2 + n[1] * s.bend()
    };
  }

  private static double[] normal(FigureData.Stroke s) {
    double dx = s.to().get(0) - s.from().get(0);
    double dy = s.to().get(1) - s.from().get(1);
    return new double[] {-dy / s.length(), dx / s.length()};
  }

  private static String oval(List<Double> at, List<Double> r) {
    return format(
        "M%.1f %.1f a%.1f %.1f 0 1 0 %.1f 0 a%.1f %.1f 0 1 0 %.1f 0 Z",
        at.get(0) - r.get(0),
        at.get(1),
        r.get(0),
        r.get(1),
        2 * r.get(0),
        r.get(0),
        r.get(1),
        -2 * r.get(0));
  }

  private static String droop(FigureData.Stroke s) {
    double side = s.to().get(0) >= s.from().get(0) ? 1 : -1;
    return format("rotate(%.0f %.1f %.1f)", side * DROOP_DEGREES, s.from().get(0), s.from().get(1));
  }

  private static String format(String pattern, Object... values) {
    return String.format(Locale.ROOT, pattern, values);
  }
}
