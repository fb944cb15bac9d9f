package org.mildlantern.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.plants.PlantsInText;
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
  private final PlantsInText plants;
  private final Scope scope;

  ReadController(Knowledge knowledge, Reader reader, PlantsInText plants, Scope scope) {
    this.plants = plants;
    this.scope = scope;
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
    RequestReader.Said said = new RequestReader(knowledge).said(body, scope.today());
    Optional<Kind> kind = Optional.ofNullable(said.kind()).or(() -> named(said.text()));
    return answer(reader.read(said.text(), kind.map(Kind::form).orElse(null), said.day()), kind);
  }

  /** The kind of the keeper's own plant that the text names, else the kind that it names. */
  private Optional<Kind> named(String text) {
    return plants
        .named(text)
        .map(PlantView::kind)
        .or(
            () ->
                reader
                    .kind(text)
                    .filter(named -> !named.several())
                    .map(
                        named ->
                            knowledge.kind(knowledge.taxa().find(named.taxon()).orElseThrow())));
  }

  private ReadAnswer answer(Reading reading, Optional<Kind> kind) {
    List<ReadAnswer.Told> told = reading.told().stream().map(ReadController::told).toList();
    Map<String, Object> context = new LinkedHashMap<>();
    told.forEach(one -> context.put(one.field(), one.value()));
    return new ReadAnswer(
        kind.flatMap(Kind::taxon).map(Taxon::id).orElse(null),
        kind.map(known -> known.form().id()).orElse(null),
        reading.seen().stream().map(ReadController::found).toList(),
        reading.maybe().stream().map(ReadController::found).toList(),
        context,
        told,
        reading.unread().stream()
            .map(span -> new ReadAnswer.Part(span.from(), span.to()))
            .toList());
  }

  private static ReadAnswer.Told told(Reading.Told told) {
    return new ReadAnswer.Told(
        told.field(), written(told.value()), told.span().from(), told.span().to(), told.sure());
  }

  private static Object written(Reading.Value value) {
    if (value instanceof Reading.Figure figure) {
      return figure.number();
    }
    return value instanceof Reading.Causes causes ? causes.ids() : value.toString();
  }

  private static ReadAnswer.Found found(Reading.Seen seen) {
    return new ReadAnswer.Found(
        seen.sign(),
        seen.pattern(),
        seen.present() ? "present" : "absent",
        seen.span().from(),
        seen.span().to(),
        seen.sure(),
        seen.alternatives());
  }
}
