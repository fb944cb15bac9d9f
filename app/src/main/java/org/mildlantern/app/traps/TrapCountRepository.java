package org.mildlantern.app.traps;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface TrapCountRepository extends JpaRepository<TrapCount, Long> {
  @Query("select c from TrapCount c where c.id = :id")
  Optional<TrapCount> byId(Long id);

  @Query("select c from TrapCount c where c.countedOn >= :from order by c.countedOn")
  List<TrapCount> since(LocalDate from);

  @Query("select c from TrapCount c where c.placeId = :placeId and c.countedOn = :day")
  Optional<TrapCount> on(Long placeId, LocalDate day);
}
