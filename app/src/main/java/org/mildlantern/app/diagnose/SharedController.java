package org.mildlantern.app.diagnose;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.diagnosis.Shared;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The page of what plants share. */
@Controller
class SharedController {
  private static final Words WORDS = Words.of(SharedController.class);

  private final SharedService shared;
  private final PlantService plants;
  private final PlaceService places;
  private final Knowledge knowledge;

  SharedController(
      SharedService shared, PlantService plants, PlaceService places, Knowledge knowledge) {
    this.shared = shared;
    this.plants = plants;
    this.places = places;
    this.knowledge = knowledge;
  }

  /** A cluster in words. */
  record Row(
      String signId,
      String sign,
      boolean ofPlace,
      String where,
      List<PlantView> plants,
      String counts,
      String odds) {}

  @GetMapping("/diagnose/shared")
  String show(Model model) {
    Map<Long, PlantView> byId =
        plants.kept().stream().collect(Collectors.toMap(PlantView::id, p -> p));
    Map<String, String> placeNames =
        places.all().stream().collect(Collectors.toMap(p -> p.id().toString(), p -> p.name()));
    model.addAttribute(
        "rows", shared.clusters().stream().map(cluster -> row(cluster, byId, placeNames)).toList());
    model.addAttribute("sharedDays", SharedService.DAYS);
    return "diagnose/shared";
  }

  private Row row(Shared.Cluster cluster, Map<Long, PlantView> byId, Map<String, String> places) {
    return new Row(
        cluster.sign(),
        knowledge.signs().find(cluster.sign()).orElseThrow().label(),
        cluster.ofPlace(),
        cluster.ofPlace() ? places.get(cluster.key()) : cluster.key(),
        cluster.plants().stream().map(byId::get).toList(),
        WORDS.say(
            "here-and-elsewhere",
            cluster.plants().size(),
            cluster.among(),
            cluster.elsewhere(),
            cluster.others()),
        WORDS.say("odds", cluster.odds()));
  }
}
