package org.mildlantern.app.feed;

import java.util.List;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface OwnWaterRepository extends CollectionRepository<OwnWater> {
  @Query("select w from OwnWater w order by lower(w.name), w.id")
  List<OwnWater> all();
}

interface FeedProductRepository extends CollectionRepository<FeedProduct> {
  @Query("select p from FeedProduct p order by lower(p.name), p.id")
  List<FeedProduct> all();
}
