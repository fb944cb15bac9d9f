package org.mildlantern.app.photos;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends CollectionRepository<Photo> {
  /** The pictures of a plant, the newest first. */
  @Query(
      "select new org.mildlantern.app.photos.PhotoView(p.id, p.plantId, p.takenOn, p.caption,"
          + " p.width, p.height, p.entryId) from Photo p where p.plantId = :plantId"
          + " order by p.takenOn desc, p.id desc")
  List<PhotoView> of(Long plantId);

  /** The newest picture of each plant. */
  @Query(
      "select new org.mildlantern.app.photos.PhotoView(p.id, p.plantId, p.takenOn, p.caption,"
          + " p.width, p.height, p.entryId) from Photo p where p.plantId in :plants and not exists"
          + " (select n from Photo n where n.plantId = p.plantId and (n.takenOn > p.takenOn"
          + " or n.takenOn = p.takenOn and n.id > p.id))")
  List<PhotoView> newest(Collection<Long> plants);

  @Query("select p from Photo p where p.entryId = :entryId")
  Optional<Photo> byEntry(Long entryId);
}
