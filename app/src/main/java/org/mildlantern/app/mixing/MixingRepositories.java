package org.mildlantern.app.mixing;

import java.util.Collection;
import java.util.List;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;

interface CabinetItemRepository extends CollectionRepository<CabinetItem> {
  @Query("select i from CabinetItem i order by i.name, i.id")
  List<CabinetItem> all();
}

interface CabinetRateRepository extends CollectionRepository<CabinetRate> {
  @Query("select r from CabinetRate r where r.itemId in :items order by r.id")
  List<CabinetRate> of(Collection<Long> items);
}

interface MixRepository extends CollectionRepository<Mix> {
  @Query("select m from Mix m where m.backOn is null order by m.mixedOn desc, m.id desc")
  List<Mix> latest(Limit most);
}
