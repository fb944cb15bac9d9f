package org.mildlantern.app.feed;

import java.util.Optional;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** What a plant asks of feed and water, on its page. */
@Component
@Order(24)
class FeedSection implements PlantSection {
  private final FeedService feeds;

  FeedSection(FeedService feeds) {
    this.feeds = feeds;
  }

  @Override
  public Optional<Section> of(PlantView plant) {
    return Optional.of(new Section("feed/section", feeds.at(plant)));
  }
}
