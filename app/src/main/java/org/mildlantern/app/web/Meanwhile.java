package org.mildlantern.app.web;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.zip.CRC32;
import org.springframework.ui.Model;

/** Notices that what a form is about to save over was changed since the form was opened. */
public final class Meanwhile {
  private Meanwhile() {}

  /** What a field holds now, and its name in the form. */
  public record Change(String field, String saved) {}

  /** A fingerprint of what a form shows; it travels in the form as {@code opened}. */
  private static String fingerprint(Record form) {
    CRC32 crc = new CRC32();
    crc.update(form.toString().getBytes(StandardCharsets.UTF_8));
    return Long.toHexString(crc.getValue());
  }

  /** Gives the page of a form what it must send back. */
  public static void show(Record form, Model model) {
    model.addAttribute("opened", fingerprint(form));
  }

  /**
   * Whether somebody else saved other values since; then the page is told what they are, and that
   * saving again keeps what is typed.
   *
   * @param opened fingerprint that came back; empty is not checked
   * @param words how ids in fields are called, by field
   */
  public static boolean changed(
      String opened,
      Record now,
      Record typed,
      Map<String, Function<Object, String>> words,
      Model model) {
    if (opened.isEmpty() || opened.equals(fingerprint(now))) {
      return false;
    }
    List<Change> changes = new ArrayList<>();
    compare("", now, typed, words, changes);
    if (changes.isEmpty()) {
      return false;
    }
    model.addAttribute("meanwhile", changes);
    show(now, model);
    return true;
  }

  private static void compare(
      String path,
      Record now,
      Record typed,
      Map<String, Function<Object, String>> words,
      List<Change> changes) {
    for (var part : now.getClass().getRecordComponents()) {
      String field = path + part.getName();
      Object saved = value(part.getAccessor(), now);
      Object wanted = value(part.getAccessor(), typed);
      if (saved instanceof Record inner && wanted instanceof Record other) {
        compare(field + ".", inner, other, words, changes);
      } else if (!same(saved, wanted)) {
        Function<Object, String> said = words.getOrDefault(field, Meanwhile::said);
        changes.add(new Change(field, saved == null || "".equals(saved) ? "" : said.apply(saved)));
      }
    }
  }

  private static Object value(java.lang.reflect.Method accessor, Record record) {
    try {
      accessor.setAccessible(true);
      return accessor.invoke(record);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  private static boolean same(Object a, Object b) {
    return Objects.equals(a == null ? "" : text(a), b == null ? "" : text(b));
  }

  /** A browser sends line ends of two characters. */
  private static String text(Object value) {
    return value.toString().replace("\r\n", "\n").strip();
  }

  private static String said(Object value) {
    if (value instanceof Boolean yes) {
      return yes ? "yes" : "no";
    }
    try {
      return value instanceof Enum<?> choice
          ? String.valueOf(choice.getDeclaringClass().getMethod("label").invoke(choice))
          : value.toString();
    } catch (ReflectiveOperationException e) {
      return value.toString();
    }
  }
}
