package org.mildlantern.app.raising;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface RaisingBatchRepository extends CollectionRepository<RaisingBatch> {
  @Query("select b from RaisingBatch b order by b.closedOn desc nulls first, b.number desc")
  List<RaisingBatch> all();

  @Query("select coalesce(max(b.number), 0) from RaisingBatch b")
  int lastNumber();
}

interface RaisingCountRepository extends CollectionRepository<RaisingCount> {
  @Query("select c from RaisingCount c where c.batchId in :batches order by c.day, c.id")
  List<RaisingCount> of(Collection<Long> batches);
}

interface PlantOriginRepository extends CollectionRepository<PlantOrigin> {
  @Query("select o from PlantOrigin o where o.plantId = :plant")
  Optional<PlantOrigin> of(Long plant);

  @Query("select o from PlantOrigin o where o.parentId = :parent order by o.plantId")
  List<PlantOrigin> from(Long parent);

  @Query("select o from PlantOrigin o where o.batchId = :batch order by o.plantId")
  List<PlantOrigin> ofBatch(Long batch);
}
