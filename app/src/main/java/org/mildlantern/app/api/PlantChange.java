package org.mildlantern.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.mildlantern.app.plants.PlantForm;
import org.springframework.http.HttpStatus;

/**
 * What is changed of a plant; what is null stays.
 *
 * @param name its kind, or a free name
 */
record PlantChange(
    Long placeId, String code, String name, String notes, LocalDate arrivedOn, Boolean archived) {
  private static final Set<String> FIELDS =
      new TreeSet<>(List.of("placeId", "code", "name", "notes", "arrivedOn", "archived"));

  /**
   * Reads it.
   *
   * @throws org.springframework.web.ErrorResponseException when it says something else
   */
  static PlantChange of(JsonNode body) {
    Set<String> others = new TreeSet<>();
    body.fieldNames().forEachRemaining(others::add);
    others.removeAll(FIELDS);
    if (!body.isObject() || body.isEmpty() || !others.isEmpty()) {
      throw bad("one or more of " + String.join(", ", FIELDS));
    }
    JsonNode place = body.path("placeId");
    if (body.has("placeId") && !(place.isIntegralNumber() && place.canConvertToLong())) {
      throw bad("placeId: the id of a place");
    }
    JsonNode archived = body.path("archived");
    if (body.has("archived") && !archived.isBoolean()) {
      throw bad("archived: true or false");
    }
    return new PlantChange(
        body.has("placeId") ? place.longValue() : null,
        text(body, "code"),
        text(body, "name"),
        text(body, "notes"),
        day(body),
        body.has("archived") ? archived.booleanValue() : null);
  }

  private static String text(JsonNode body, String field) {
    JsonNode text = body.path(field);
    if (body.has(field) && (!text.isTextual() || text.textValue().indexOf('\u0000') >= 0)) {
      throw bad(field + ": a text");
    }
    return body.has(field) ? text.textValue() : null;
  }

  private static LocalDate day(JsonNode body) {
    String day = text(body, "arrivedOn");
    try {
      return day == null ? null : LocalDate.parse(day);
    } catch (DateTimeException e) {
      throw bad("arrivedOn: a day such as 2026-05-12");
    }
  }

  private static RuntimeException bad(String words) {
    return RecordsController.problem(HttpStatus.BAD_REQUEST, words);
  }

  /** The field as it is called here. */
  static String field(String ofForm) {
    return ofForm.equals("kind") || ofForm.equals("formId") ? "name" : ofForm;
  }

  PlantForm of(PlantForm now) {
    return new PlantForm(
        code == null ? now.code() : code,
        name == null ? now.kind() : name,
        now.formId(),
        placeId == null ? now.placeId() : placeId,
        now.pot(),
        now.mediumId(),
        now.ownMedium(),
        now.mediumSince(),
        now.waterUsed(),
        now.stage(),
        arrivedOn == null ? now.arrivedOn() : arrivedOn,
        notes == null ? now.notes() : notes);
  }
}
