package org.mildlantern.app.journal;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.NoteKind;

/** The form in which notes are kept: their fields as JSON, beside their kind. */
public final class Notes {
  private static final JsonMapper MAPPER =
      JsonMapper.builder()
          .addModule(new JavaTimeModule())
          .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
          .disable(SerializationFeature.FAIL_ON_EMPTY_BEANS)
          .serializationInclusion(JsonInclude.Include.NON_NULL)
          .build();

  private Notes() {}

  public static String write(Note note) {
    try {
      return MAPPER.writeValueAsString(note);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  static Note read(NoteKind kind, String kept) {
    try {
      return MAPPER.readValue(kept, kind.type());
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("cannot read a note of kind " + kind + ": " + kept, e);
    }
  }
}
