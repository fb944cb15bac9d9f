package org.mildlantern.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.mildlantern.app.plants.PlantForm;
import org.mildlantern.app.web.PlainInput;

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
   * @throws ApiFault with everything in it that cannot be
   */
  static PlantChange of(JsonNode body) {
    JsonFields fields = new JsonFields();
    fields.requireObject(body);
    fields.unknownFields(body, "$", FIELDS);
    if (body.isEmpty()) {
      fields.fault("$", "one or more of " + String.join(", ", FIELDS));
    }
    JsonNode place = body.path("placeId");
    if (body.has("placeId") && !(place.isIntegralNumber() && place.canConvertToLong())) {
      fields.fault("$.placeId", "the id of a place is expected");
    }
    JsonNode archived = body.path("archived");
    if (body.has("archived") && !archived.isBoolean()) {
      fields.fault("$.archived", "true or false is expected");
    }
    PlantChange change =
        new PlantChange(
            body.has("placeId") ? place.longValue() : null,
            text(fields, body, "code"),
            text(fields, body, "name"),
            text(fields, body, "notes"),
            fields.day(body.get("arrivedOn"), "$.arrivedOn").orElse(null),
            body.has("archived") ? archived.booleanValue() : null);
    fields.throwFaults();
    return change;
  }

  private static String text(JsonFields fields, JsonNode body, String field) {
    String text = fields.text(body.get(field), "$." + field).orElse(null);
    if (text != null && !PlainInput.isStorable(text)) {
      fields.fault("$." + field, "a text is expected");
    }
    return text;
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
