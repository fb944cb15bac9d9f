package org.mildlantern.app.plants;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface PlantRepository extends CollectionRepository<Plant> {
  @Query("select p from Plant p where p.id in :ids")
  List<Plant> byIds(Collection<Long> ids);

  @Query("select p from Plant p where p.code in :codes")
  List<Plant> coded(Collection<String> codes);

  @Query("select p from Plant p where p.archivedOn is null order by p.walk, lower(p.name), p.code")
  List<Plant> kept();

  @Query("select p from Plant p where p.archivedOn is not null order by lower(p.name), p.code")
  List<Plant> archived();

  @Query("select p from Plant p where lower(p.code) = lower(:code)")
  Optional<Plant> byCode(String code);

  @Query("select p from Plant p where p.importId = :list order by lower(p.name), p.code")
  List<Plant> ofImport(Long list);

  @Query("select p.code from Plant p")
  List<String> codes();
}
