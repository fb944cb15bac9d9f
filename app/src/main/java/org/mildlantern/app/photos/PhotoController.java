package org.mildlantern.app.photos;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The pictures of a plant, and two of them beside each other. */
@Controller
class PhotoController {
  private static final Words WORDS = Words.of(PhotoController.class);

  private static final int MOST_AT_ONCE = 6;

  private final PhotoService photos;
  private final PlantService plants;
  private final Scope scope;

  /**
   * Keepers of whom pictures are being read: one request at a time, so that none fills the memory.
   */
  private final Set<Long> decoding = ConcurrentHashMap.newKeySet();

  PhotoController(PhotoService photos, PlantService plants, Scope scope) {
    this.photos = photos;
    this.plants = plants;
    this.scope = scope;
  }

  @GetMapping("/plants/{id}/photos")
  String show(@PathVariable Long id, Model model) {
    return page(plant(id), model);
  }

  @PostMapping("/plants/{id}/photos")
  String add(
      @PathVariable Long id,
      @RequestParam(required = false) List<MultipartFile> files,
      @RequestParam(defaultValue = "") String caption,
      @RequestParam(required = false) LocalDate day,
      HttpServletResponse response,
      Model model)
      throws IOException {
    PlantView plant = plant(id);
    List<MultipartFile> given =
        files == null ? List.of() : files.stream().filter(f -> !f.isEmpty()).toList();
    List<String> faults = new ArrayList<>();
    if (given.isEmpty()) {
      faults.add("Choose a picture first.");
    } else if (given.size() > MOST_AT_ONCE) {
      faults.add(WORDS.say("many", MOST_AT_ONCE));
    } else if (day != null && day.isAfter(scope.today())) {
      faults.add("This day has not come yet.");
    } else if (!decoding.add(scope.keeper().keeperId())) {
      faults.add("Pictures of yours are still being read. Try again in a moment.");
    } else {
      try {
        take(id, given, day, caption, faults);
      } finally {
        decoding.remove(scope.keeper().keeperId());
      }
    }
    if (faults.isEmpty()) {
      return "redirect:/plants/" + id + "/photos";
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    model.addAttribute("faults", faults);
    model.addAttribute("caption", caption);
    model.addAttribute("day", day);
    return page(plant, model);
  }

  private void take(
      Long id, List<MultipartFile> files, LocalDate day, String caption, List<String> faults)
      throws IOException {
    for (MultipartFile file : files) {
      try {
        photos.add(id, file.getBytes(), day, caption);
      } catch (IllegalArgumentException e) {
        faults.add(name(file) + ": " + e.getMessage());
      }
    }
    if (!faults.isEmpty() && files.size() > faults.size()) {
      faults.add("The others were good; nothing was added yet.");
    }
  }

  private static String name(MultipartFile file) {
    String name = Objects.requireNonNullElse(file.getOriginalFilename(), "");
    return name.length() > 60 ? name.substring(0, 60) + "…" : name;
  }

  /** Two pictures beside each other; without a choice the oldest and the newest. */
  @GetMapping("/plants/{id}/photos/compare")
  String compare(
      @PathVariable Long id,
      @RequestParam(required = false) Long before,
      @RequestParam(required = false) Long after,
      Model model) {
    List<PhotoView> all = photos.of(plant(id).id());
    if (all.size() < 2) {
      return "redirect:/plants/" + id + "/photos";
    }
    PhotoView first = pick(all, before).orElse(all.get(all.size() - 1));
    PhotoView last = pick(all, after).orElse(all.get(0));
    model.addAttribute("plant", plant(id));
    model.addAttribute("photos", all);
    model.addAttribute("before", first);
    model.addAttribute("after", last);
    model.addAttribute("between", ChronoUnit.DAYS.between(first.takenOn(), last.takenOn()));
    return "photos/compare";
  }

  private static Optional<PhotoView> pick(List<PhotoView> all, Long id) {
    return all.stream().filter(p -> p.id().equals(id)).findFirst();
  }

  @GetMapping("/photos/{id}")
  ResponseEntity<byte[]> image(@PathVariable Long id) {
    return jpeg(photos.image(id));
  }

  @GetMapping("/photos/{id}/small")
  ResponseEntity<byte[]> small(@PathVariable Long id) {
    return jpeg(photos.thumbnail(id));
  }

  private static ResponseEntity<byte[]> jpeg(Optional<byte[]> bytes) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
        .body(bytes.orElseThrow(Web::missing));
  }

  private String page(PlantView plant, Model model) {
    model.addAttribute("plant", plant);
    model.addAttribute("photos", photos.of(plant.id()));
    return "photos/list";
  }

  private PlantView plant(Long id) {
    return plants.find(id).orElseThrow(Web::missing);
  }
}
