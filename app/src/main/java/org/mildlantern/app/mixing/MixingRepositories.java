package org.mildlantern.app.mixing;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CabinetItemRepository extends JpaRepository<CabinetItem, Long> {
  @Query("select i from CabinetItem i where i.id = :id")
  Optional<CabinetItem> byId(Long id);

  @Query("select i from CabinetItem i order by i.name, i.id")
  List<CabinetItem> all();
}

interface CabinetRateRepository extends JpaRepository<CabinetRate, Long> {
  @Query("select r from CabinetRate r where r.id = :id")
  Optional<CabinetRate> byId(Long id);

  @Query("select r from CabinetRate r where r.itemId in :items order by r.id")
  List<CabinetRate> of(Collection<Long> items);
}

interface MixRepository extends JpaRepository<Mix, Long> {
  @Query("select m from Mix m where m.id = :id")
  Optional<Mix> byId(Long id);

  @Query("select m from Mix m where m.backOn is null order by m.mixedOn desc, m.id desc")
  List<Mix> latest(Limit most);
}
