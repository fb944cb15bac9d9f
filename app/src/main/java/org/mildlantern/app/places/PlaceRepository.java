package org.mildlantern.app.places;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PlaceRepository extends JpaRepository<Place, Long> {
  @Query("select p from Place p order by p.position, p.id")
  List<Place> inOrder();

  @Query("select p from Place p where p.id = :id")
  Optional<Place> byId(Long id);

  @Query("select p from Place p where lower(p.name) = lower(:name)")
  Optional<Place> byName(String name);
}
