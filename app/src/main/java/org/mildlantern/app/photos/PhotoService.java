package org.mildlantern.app.photos;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.EntryRetracted;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Recorded;
import org.mildlantern.core.words.Words;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps pictures of plants. */
@Service
@Transactional
public class PhotoService {
  private static final Words WORDS = Words.of(PhotoService.class);

  static final int LONGEST_CAPTION = 120;

  private final PhotoRepository photos;
  private final JournalService journal;
  private final Scope scope;

  PhotoService(PhotoRepository photos, JournalService journal, Scope scope) {
    this.photos = photos;
    this.journal = journal;
    this.scope = scope;
  }

  /** The pictures of a plant, the newest first. */
  @Transactional(readOnly = true)
  public List<PhotoView> of(Long plantId) {
    return photos.of(plantId);
  }

  /** The newest picture of each of the plants that have one. */
  @Transactional(readOnly = true)
  public Map<Long, PhotoView> newest(Collection<Long> plants) {
    return photos.newest(plants).stream()
        .collect(Collectors.toMap(PhotoView::plantId, photo -> photo));
  }

  /** The id of the picture that an entry took in. */
  @Transactional(readOnly = true)
  public Optional<Long> takenInBy(Entry entry) {
    return photos.byEntry(entry.root()).map(Photo::id);
  }

  @Transactional(readOnly = true)
  public Optional<byte[]> image(Long id) {
    return photos.byId(id).map(Photo::image);
  }

  @Transactional(readOnly = true)
  public Optional<byte[]> thumbnail(Long id) {
    return photos.byId(id).map(Photo::thumbnail);
  }

  /**
   * Takes a picture in.
   *
   * @param day when it was taken; null means as the camera says, or today
   * @throws IllegalArgumentException with a message for the keeper
   */
  public Entry add(Long plantId, byte[] file, LocalDate day, String caption) {
    Picture picture = Picture.read(file);
    LocalDate taken = day != null ? day : picture.takenOn();
    taken = taken == null || taken.isAfter(scope.today()) ? scope.today() : taken;
    String words = caption.strip();
    if (words.length() > LONGEST_CAPTION) {
      throw new IllegalArgumentException(WORDS.say("caption", LONGEST_CAPTION));
    }
    Entry entry =
        journal.write(
            new Entry(plantId, scope.now(), new Recorded(Recorded.What.PHOTO), said(taken, words)));
    photos.save(new Photo(plantId, taken, words, picture, entry.id()));
    return entry;
  }

  private String said(LocalDate taken, String caption) {
    if (taken.equals(scope.today())) {
      return caption.isEmpty() ? WORDS.say("photo") : WORDS.say("photo-said", caption);
    }
    String day = Days.full(taken);
    return caption.isEmpty()
        ? WORDS.say("photo-of", day)
        : WORDS.say("photo-of-said", day, caption);
  }

  @EventListener
  void takeBack(EntryRetracted event) {
    photos.byEntry(event.entry().root()).ifPresent(photos::delete);
  }
}
