package org.mildlantern.app.web;

import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.mildlantern.core.words.Words;
import org.springframework.beans.TypeMismatchException;
import org.springframework.context.MessageSource;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.context.NoSuchMessageException;
import org.springframework.stereotype.Component;
import org.springframework.validation.ObjectError;

/** Lets templates say the sentences of a room: {@code #{know.all(${more})}}. */
@Component("messageSource")
class RoomWords implements MessageSource {
  /** Code of a form's fault in a text that {@link PlainInput} does not take. */
  private static final String NO_TEXT = "typeMismatch.java.lang.String";

  /** Code of a form's fault in a day; why stands in its cause. */
  private static final String NO_DAY = "typeMismatch.java.time.LocalDate";

  private static final String ROOMS = "org.mildlantern.app.";

  private final Map<String, Words> rooms = new ConcurrentHashMap<>();

  @Override
  public String getMessage(String code, Object[] values, String otherwise, Locale locale) {
    String said = find(code, values);
    return said == null ? otherwise : said;
  }

  @Override
  public String getMessage(String code, Object[] values, Locale locale) {
    String said = find(code, values);
    if (said == null) {
      throw new NoSuchMessageException(code);
    }
    return said;
  }

  @Override
  public String getMessage(MessageSourceResolvable wanted, Locale locale) {
    String[] codes = wanted.getCodes() == null ? new String[0] : wanted.getCodes();
    for (String code : codes) {
      String said =
          switch (code) {
            case NO_TEXT -> find("web.text", new Object[0]);
            case NO_DAY -> cause(wanted);
            default -> find(code, wanted.getArguments());
          };
      if (said != null) {
        return said;
      }
    }
    if (wanted.getDefaultMessage() == null) {
      throw new NoSuchMessageException(String.join(", ", codes));
    }
    return wanted.getDefaultMessage();
  }

  private static String cause(MessageSourceResolvable wanted) {
    return wanted instanceof ObjectError error && error.contains(TypeMismatchException.class)
        ? error.unwrap(TypeMismatchException.class).getMostSpecificCause().getMessage()
        : null;
  }

  private String find(String code, Object[] values) {
    int dot = code.indexOf('.');
    String room = dot < 0 ? "" : code.substring(0, dot);
    if (!room.matches("[a-z]+") || !has(room)) {
      return null;
    }
    Words words =
        rooms.computeIfAbsent(room, r -> Words.of(ROOMS + r, getClass().getClassLoader()));
    String key = code.substring(dot + 1);
    return words.keys().contains(key)
        ? words.say(key, values == null ? new Object[0] : values)
        : null;
  }

  private boolean has(String room) {
    return rooms.containsKey(room)
        || getClass()
                .getClassLoader()
                .getResource((ROOMS + room).replace('.', '/') + "/words.properties")
            != null;
  }
}
