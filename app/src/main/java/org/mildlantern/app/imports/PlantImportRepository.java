package org.mildlantern.app.imports;

import java.util.List;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface PlantImportRepository extends CollectionRepository<PlantImport> {
  @Query("select i from PlantImport i order by i.madeAt desc, i.id desc")
  List<PlantImport> latestFirst();
}
