package org.mildlantern.app.weather;

import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface OwnClimateRepository extends CollectionRepository<OwnClimate> {
  @Query("select c from OwnClimate c")
  Optional<OwnClimate> own();
}
