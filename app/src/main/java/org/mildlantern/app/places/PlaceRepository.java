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

  @Query("select p from Place p where p.importId = :list")
  List<Place> ofImport(Long list);

  /** Whether a plant stands there, or anything that was noted tells of it. */
  @Query(
      nativeQuery = true,
      value =
          "select exists (select 1 from plant where place_id = :id)"
              + " or exists (select 1 from trap_count where place_id = :id)"
              + " or exists (select 1 from entry where collection_id ="
              + " (select collection_id from place where id = :id) and kind = 'MOVED'"
              + " and :id in ((note->>'from')::bigint, (note->>'to')::bigint))")
  boolean isUsed(Long id);

  @Query("select count(p) from Place p")
  int count();
}
