package org.mildlantern.app.quarantine;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface PestLookRepository extends CollectionRepository<PestLook> {
  @Query("select l from PestLook l where l.plantId = :plantId order by l.lookedOn desc, l.id desc")
  List<PestLook> of(Long plantId);

  @Query("select l from PestLook l where l.lookedOn >= :from order by l.lookedOn desc, l.id desc")
  List<PestLook> since(LocalDate from);

  @Query("select l from PestLook l where l.entryId = :entryId")
  Optional<PestLook> byEntry(Long entryId);
}

interface IsolationRepository extends CollectionRepository<Isolation> {
  @Query("select i from Isolation i where i.plantId = :plantId and i.endedOn is null")
  Optional<Isolation> openOf(Long plantId);

  @Query("select i from Isolation i where i.endedOn is null order by i.beganOn")
  List<Isolation> open();

  @Query("select i from Isolation i where i.endEntryId = :entryId")
  Optional<Isolation> endedBy(Long entryId);

  @Query("select i from Isolation i where i.entryId = :entryId")
  Optional<Isolation> byEntry(Long entryId);
}
