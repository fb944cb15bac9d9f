package org.mildlantern.app.photos;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The newest pictures of a plant. */
@Component
@Order(4)
class PhotoSection implements PlantSection {
  private static final int SHOWN = 3;

  private final PhotoService photos;

  PhotoSection(PhotoService photos) {
    this.photos = photos;
  }

  /** The pictures, the newest first. */
  record View(PlantView plant, List<PhotoView> photos) {}

  @Override
  public Optional<Section> of(PlantView plant) {
    List<PhotoView> newest = photos.of(plant.id()).stream().limit(SHOWN).toList();
    return Optional.of(new Section("photos/section", new View(plant, newest)));
  }
}
