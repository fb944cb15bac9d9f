package org.mildlantern.app.air;

import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface PlaceAirRepository extends CollectionRepository<PlaceAir> {
  @Query("select a from PlaceAir a where a.placeId = :place")
  Optional<PlaceAir> of(Long place);
}
