package org.mildlantern.app.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;

/** The shape of a request, for the description; it is read by {@link RequestReader}. */
record DiagnoseRequest(
    @Schema(description = "Id, accepted name or synonym of a taxon", example = "phalaenopsis")
        String taxon,
    @Schema(description = "Growth form; needed when there is no taxon", example = "leafy-stem")
        String form,
    @Schema(
            description = "Day of the look, for the season; today when left out",
            example = "2026-11-23")
        String date,
    @Schema(description = "Degrees, north positive; that of the collection when left out")
        Double latitude,
    List<SeenRequest> findings,
    @Schema(
            description = "Context fields by id, see the vocabulary",
            example = "{\"wet-days\": 14}")
        Map<String, Object> context) {

  /** A finding; without a pattern it is about the sign as a whole. */
  record SeenRequest(
      @Schema(example = "limp-leaves") String sign,
      @Schema(example = "all-leaves") String pattern,
      @Schema(allowableValues = {"present", "absent"}) String state) {}
}
