package org.mildlantern.app.photos;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The newest pictures of a plant. */
@Component
@Order(5)
class PhotoSection implements PlantSection {
  private static final int SHOWN = 3;

  private final PhotoService photos;

  PhotoSection(PhotoService photos) {
    this.photos = photos;
  }

  /** The newest pictures, the newest first, and how many there are in all. */
  record View(PlantView plant, List<PhotoView> photos, int all) {}

  @Override
  public Optional<Section> of(PlantView plant) {
    List<PhotoView> all = photos.of(plant.id());
    List<PhotoView> newest = all.subList(0, Math.min(SHOWN, all.size()));
    return Optional.of(new Section("photos/section", new View(plant, newest, all.size())));
  }
}
