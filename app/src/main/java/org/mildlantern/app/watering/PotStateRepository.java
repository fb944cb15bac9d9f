package org.mildlantern.app.watering;

import java.util.Collection;
import java.util.List;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface PotStateRepository extends CollectionRepository<PotState> {
  @Query("select s from PotState s")
  List<PotState> all();

  @Query("select s from PotState s where s.plantId in :plants")
  List<PotState> of(Collection<Long> plants);
}
