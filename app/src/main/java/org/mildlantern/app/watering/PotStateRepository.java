package org.mildlantern.app.watering;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PotStateRepository extends JpaRepository<PotState, Long> {
  @Query("select s from PotState s")
  List<PotState> all();
}
