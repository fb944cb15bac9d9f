package org.mildlantern.app.imports;

import java.util.List;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface LogImportRepository extends CollectionRepository<LogImport> {
  @Query("select i from LogImport i order by i.madeAt desc, i.id desc")
  List<LogImport> latestFirst();
}
