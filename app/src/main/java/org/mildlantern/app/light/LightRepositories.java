package org.mildlantern.app.light;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface PlaceLightRepository extends CollectionRepository<PlaceLight> {
  @Query("select l from PlaceLight l where l.placeId = :place")
  Optional<PlaceLight> of(Long place);

  @Query("select l from PlaceLight l")
  List<PlaceLight> all();
}

interface LightReadingRepository extends CollectionRepository<LightReading> {
  @Query("select r from LightReading r where r.placeId = :place order by r.at desc, r.id desc")
  List<LightReading> of(Long place);

  @Query("select r from LightReading r order by r.at, r.id")
  List<LightReading> all();
}
