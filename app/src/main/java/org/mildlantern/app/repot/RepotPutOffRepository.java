package org.mildlantern.app.repot;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface RepotPutOffRepository extends CollectionRepository<RepotPutOff> {
  @Query("select r from RepotPutOff r where r.until > :day")
  List<RepotPutOff> after(LocalDate day);

  @Query("select r from RepotPutOff r where r.plantId = :plant")
  Optional<RepotPutOff> of(Long plant);
}
