package org.mildlantern.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.mildlantern.core.words.Nearest;

/** Reads the fields of a request, and collects every fault with its path. */
class JsonFields {
  private final List<ApiFault.Problem> problems = new ArrayList<>();

  /**
   * Goes on only with an object.
   *
   * @throws ApiFault when it is none
   */
  void requireObject(JsonNode body) {
    if (body == null || !body.isObject()) {
      fault("$", "a JSON object is expected");
      throwFaults();
    }
  }

  boolean isSound() {
    return problems.isEmpty();
  }

  /**
   * Goes on only without a fault.
   *
   * @throws ApiFault with all of them
   */
  void throwFaults() {
    if (!problems.isEmpty()) {
      throw new ApiFault(problems);
    }
  }

  void unknownFields(JsonNode node, String path, Set<String> known) {
    node.fieldNames()
        .forEachRemaining(
            name -> {
              if (!known.contains(name)) {
                unknown(path + "." + name, name, known);
              }
            });
  }

  Optional<String> text(JsonNode node, String path) {
    if (node == null || node.isNull()) {
      return Optional.empty();
    }
    if (!node.isTextual()) {
      fault(path, "a text is expected");
      return Optional.empty();
    }
    return Optional.of(node.asText());
  }

  Optional<Double> number(JsonNode node, String path, Double min, Double max) {
    if (node == null || node.isNull()) {
      return Optional.empty();
    }
    if (!node.isNumber()) {
      fault(path, "a number is expected");
      return Optional.empty();
    }
    double value = node.asDouble();
    if (min != null && value < min || max != null && value > max) {
      fault(path, "between " + min + " and " + max + " is expected");
      return Optional.empty();
    }
    return Optional.of(value);
  }

  void unknown(String path, String id, Collection<String> known) {
    String shown = id.length() <= 60 ? id : id.substring(0, 60) + "…";
    problems.add(
        new ApiFault.Problem(path, "nothing is called '" + shown + "'", Nearest.to(id, known)));
  }

  void fault(String path, String message) {
    problems.add(new ApiFault.Problem(path, message, List.of()));
  }

  /** One of some names in lower case, or null when none is given. */
  <E extends Enum<E>> E one(JsonNode node, String path, E[] known) {
    Optional<String> given = text(node, path);
    if (given.isEmpty()) {
      return null;
    }
    for (E one : known) {
      if (one.name().toLowerCase(Locale.ROOT).equals(given.get())) {
        return one;
      }
    }
    unknown(
        path,
        given.get(),
        Stream.of(known).map(one -> one.name().toLowerCase(Locale.ROOT)).toList());
    return null;
  }

  /** A number that must be there; the least allowed one where it is not, with a fault. */
  double needed(JsonNode node, String field, String path, double min, double max) {
    JsonNode given = node.get(field);
    if (given == null || given.isNull()) {
      fault(path + "." + field, "is needed");
      return min;
    }
    return number(given, path + "." + field, min, max).orElse(min);
  }

  /** A day as 2026-03-31. */
  Optional<LocalDate> day(JsonNode node, String path) {
    try {
      return text(node, path).map(LocalDate::parse);
    } catch (DateTimeParseException e) {
      fault(path, "a day as 2026-03-31 is expected");
      return Optional.empty();
    }
  }

  /** The members of a list that may be left out. */
  List<JsonNode> list(JsonNode node, String path, int most) {
    if (node == null || node.isNull()) {
      return List.of();
    }
    if (!node.isArray() || node.size() > most) {
      fault(path, "a list of at most " + most + " is expected");
      return List.of();
    }
    List<JsonNode> members = new ArrayList<>();
    node.forEach(members::add);
    return members;
  }

  /** A value of the core, which says itself what it cannot be; null with a fault then. */
  <T> T made(String path, Supplier<T> value) {
    try {
      return value.get();
    } catch (IllegalArgumentException e) {
      fault(path, e.getMessage());
      return null;
    }
  }
}
