package org.mildlantern.app.weather;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface FrostAnswerRepository extends CollectionRepository<FrostAnswer> {
  @Query("select f from FrostAnswer f where f.night >= :day")
  List<FrostAnswer> since(LocalDate day);
}
