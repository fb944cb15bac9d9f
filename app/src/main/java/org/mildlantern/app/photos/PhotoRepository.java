package org.mildlantern.app.photos;

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

  @Query("select p from Photo p where p.entryId = :entryId")
  Optional<Photo> byEntry(Long entryId);
}
