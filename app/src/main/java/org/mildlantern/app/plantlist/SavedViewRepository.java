package org.mildlantern.app.plantlist;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface SavedViewRepository extends CollectionRepository<SavedView> {
  @Query("select v from SavedView v order by lower(v.name)")
  List<SavedView> byName();

  @Query("select v from SavedView v where lower(v.name) = lower(:name)")
  Optional<SavedView> named(String name);
}
