package org.mildlantern.app.places;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface PlaceRepository extends CollectionRepository<Place> {
  @Query("select p from Place p order by p.position, p.id")
  List<Place> inOrder();

  @Query("select p from Place p where lower(p.name) = lower(:name)")
  Optional<Place> byName(String name);

  @Query("select count(p) from Place p")
  int count();
}
