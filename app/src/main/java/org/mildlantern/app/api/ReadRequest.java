package org.mildlantern.app.api;

import io.swagger.v3.oas.annotations.media.Schema;

/** The shape of a request, for the description; it is read by {@link RequestReader}. */
record ReadRequest(
    @Schema(
            description = "What a keeper says, at most 4000 characters",
            example = "edges brown and crisp, no webs, air at 34 %")
        String text,
    @Schema(description = "As for a diagnosis; looked for in the text when left out") String taxon,
    @Schema(description = "As for a diagnosis") String form) {}
