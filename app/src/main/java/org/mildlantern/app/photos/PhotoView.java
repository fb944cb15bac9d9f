package org.mildlantern.app.photos;

import java.time.LocalDate;

/** A picture as pages see it, without its bytes. */
public record PhotoView(
    Long id,
    Long plantId,
    LocalDate takenOn,
    String caption,
    int width,
    int height,
    Long entryId) {}
