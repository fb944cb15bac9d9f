package org.mildlantern.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.Map;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.said.Reader;
import org.mildlantern.core.said.Reading;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads what a keeper says, for other programs. */
@RestController
@RequestMapping(path = "/api/v1", produces = "application/json")
class ReadController {
  private final Knowledge knowledge;
  private final Reader reader;

  ReadController(Knowledge knowledge, Reader reader) {
    this.knowledge = knowledge;
    this.reader = reader;
  }

  @PostMapping(path = "/read", consumes = "application/json")
  @Operation(
      summary = "What a text says, as findings and context for a diagnosis; nothing is stored")
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      required = true,
      content = @Content(schema = @Schema(implementation = ReadRequest.class)))
  ReadAnswer read(@RequestBody JsonNode body) {
    RequestReader.Said said = new RequestReader(knowledge).said(body);
    Reading reading = reader.read(said.text(), said.kind() == null ? null : said.kind().form());
    Taxon taxon =
        said.kind() != null
            ? said.kind().taxon().orElse(null)
            : reading.kind() == null
                ? null
                : knowledge.taxa().find(reading.kind().taxon()).orElseThrow();
    if (said.kind() == null && taxon != null) {
      Kind kind = knowledge.kind(taxon);
      reading = reader.read(said.text(), kind.form());
      return answer(reading, taxon.id(), kind.form().id());
    }
    return answer(
        reading,
        taxon == null ? null : taxon.id(),
        said.kind() == null ? null : said.kind().form().id());
  }

  private ReadAnswer answer(Reading reading, String taxon, String form) {
    Map<String, Object> context = new LinkedHashMap<>();
    for (Reading.Told told : reading.told()) {
      boolean number = knowledge.fields().find(told.field()).orElseThrow().numeric();
      context.put(told.field(), number ? (Object) Double.valueOf(told.value()) : told.value());
    }
    return new ReadAnswer(
        taxon,
        form,
        reading.seen().stream()
            .map(
                seen ->
                    new ReadAnswer.Found(
                        seen.sign(),
                        seen.pattern(),
                        seen.present() ? "present" : "absent",
                        seen.span().from(),
                        seen.span().to(),
                        seen.sure(),
                        seen.alternatives()))
            .toList(),
        context,
        reading.unread().stream()
            .map(span -> new ReadAnswer.Part(span.from(), span.to()))
            .toList());
  }
}
