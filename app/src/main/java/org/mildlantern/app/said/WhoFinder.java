package org.mildlantern.app.said;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.plants.PlantsInText;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.NameChoice;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.said.Reader;
import org.mildlantern.core.said.Reading;
import org.springframework.stereotype.Component;

/** Finds out which plant is spoken of: by what was chosen or typed, else by the text. */
@Component
class WhoFinder {
  private final Knowledge knowledge;
  private final Reader reader;
  private final PlantService plants;
  private final PlantsInText inText;

  WhoFinder(Knowledge knowledge, Reader reader, PlantService plants, PlantsInText inText) {
    this.inText = inText;
    this.knowledge = knowledge;
    this.reader = reader;
    this.plants = plants;
  }

  Who of(SaidForm form) {
    if (form.plant() != null && form.isMine()) {
      Optional<PlantView> chosen = plants.find(form.plant());
      if (chosen.isPresent()) {
        return Who.of(chosen.get(), "", false);
      }
    }
    if (!form.kind().isEmpty()) {
      return typed(form);
    }
    Optional<PlantView> named = form.isMine() ? inText.named(form.text()) : Optional.empty();
    if (named.isPresent()) {
      return Who.of(named.get(), named.get().name(), true);
    }
    Optional<Reading.Named> said = reader.kind(form.text());
    if (said.isPresent() && said.get().several()) {
      String called = said.get().span().of(form.text());
      return lives(form, called, knowledge.choicesLike(called));
    }
    if (said.isPresent()) {
      Kind kind = knowledge.kind(knowledge.taxa().find(said.get().taxon()).orElseThrow());
      return ofKind(kind, said.get().span().of(form.text()), true, form);
    }
    return lives(form, form.kind(), List.of());
  }

  private Who typed(SaidForm form) {
    return knowledge
        .taxonNamed(form.kind())
        .map(taxon -> ofKind(knowledge.kind(taxon), form.kind(), false, form))
        .orElseGet(() -> lives(form, form.kind(), knowledge.choicesLike(form.kind())));
  }

  private Who lives(SaidForm form, String called, List<NameChoice> like) {
    return knowledge
        .usual()
        .find(form.lives())
        .map(usual -> ofKind(knowledge.kind(usual), called, false, form))
        .orElseGet(() -> Who.unknown(called, like));
  }

  /** A kind of which the collection has one plant is that plant; of several, one is chosen. */
  private Who ofKind(Kind kind, String called, boolean inText, SaidForm form) {
    List<PlantView> mine =
        form.isMine() && kind.taxon().isPresent()
            ? plants.kept().stream()
                .filter(plant -> isOne(plant.kind(), kind.taxon().get()))
                .toList()
            : List.of();
    return mine.size() == 1
        ? Who.of(mine.get(0), called, inText)
        : new Who(Optional.of(kind), called, inText, Optional.empty(), mine, List.of());
  }

  /** Whether a plant is of a kind, or of the genus where only that was named. */
  private static boolean isOne(Kind plant, Taxon named) {
    return plant
        .taxon()
        .filter(own -> own.equals(named) || own.genus().equals(named.name()))
        .isPresent();
  }
}
