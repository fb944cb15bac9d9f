package org.mildlantern.app.traps;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface TrapCountRepository extends CollectionRepository<TrapCount> {
  @Query("select c from TrapCount c where c.countedOn >= :from order by c.countedOn")
  List<TrapCount> since(LocalDate from);

  @Query("select c from TrapCount c where c.placeId = :placeId and c.countedOn = :day")
  Optional<TrapCount> on(Long placeId, LocalDate day);
}
