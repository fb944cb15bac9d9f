package org.mildlantern.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.OpenAPIDefinition;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.enums.SecuritySchemeType;
import io.swagger.v3.oas.annotations.info.Info;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.security.SecurityRequirement;
import io.swagger.v3.oas.annotations.security.SecurityScheme;
import java.util.List;
import java.util.Locale;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.diagnosis.Diagnostician;
import org.mildlantern.core.diagnosis.Question;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.knowledge.Taxon;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Vocabulary and diagnosis for other programs. */
@RestController
@RequestMapping(path = "/api/v1", produces = "application/json")
@OpenAPIDefinition(
    info =
        @Info(
            title = "Mild Lantern",
            version = "1",
            description =
                "Ask what fits a plant's signs, send readings, and, with a token for records, read and"
                    + " write your own plants, log, cases and round, and the whole archive."),
    security = @SecurityRequirement(name = "token"))
@SecurityScheme(name = "token", type = SecuritySchemeType.HTTP, scheme = "bearer")
class ApiController {
  private final Knowledge knowledge;
  private final Diagnostician diagnostician;
  private final Scope scope;

  ApiController(Knowledge knowledge, Diagnostician diagnostician, Scope scope) {
    this.knowledge = knowledge;
    this.diagnostician = diagnostician;
    this.scope = scope;
  }

  @GetMapping("/vocabulary")
  @Operation(summary = "Every id that a diagnosis may use")
  Vocabulary vocabulary() {
    return new Vocabulary(
        knowledge.forms().stream()
            .map(
                f ->
                    new Vocabulary.FormWord(
                        f.id(),
                        f.label(),
                        f.parts().stream()
                            .map(p -> new Vocabulary.PartWord(p.id(), p.label(), p.kind()))
                            .toList()))
            .toList(),
        knowledge.patterns().stream()
            .map(p -> new Vocabulary.PatternWord(p.id(), p.label(), p.kinds()))
            .toList(),
        knowledge.signs().stream()
            .map(
                s ->
                    new Vocabulary.SignWord(
                        s.id(), s.label(), s.patterns(), List.of("present", "absent"), s.forms()))
            .toList(),
        knowledge.openWords().stream()
            .map(w -> new Vocabulary.OpenSign(w.id(), w.label(), w.meant()))
            .toList(),
        knowledge.fields().stream()
            .filter(f -> !f.derived())
            .map(
                f ->
                    new Vocabulary.FieldWord(
                        f.id(),
                        f.label(),
                        f.unit(),
                        f.min(),
                        f.max(),
                        f.valuesFrom() == null
                            ? f.values()
                            : knowledge.causes().stream().map(Cause::id).toList(),
                        f.list()))
            .toList(),
        knowledge.taxa().stream()
            .map(t -> new Vocabulary.TaxonWord(t.id(), t.name(), t.synonyms(), t.group(), t.form()))
            .toList(),
        knowledge.causes().stream()
            .map(c -> new Vocabulary.CauseWord(c.id(), c.label(), c.family(), c.verdict().id()))
            .toList());
  }

  @PostMapping(path = "/diagnose", consumes = "application/json")
  @Operation(summary = "Which causes fit, and what to look at next; nothing is stored")
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      required = true,
      content = @Content(schema = @Schema(implementation = DiagnoseRequest.class)))
  @ApiResponse(
      responseCode = "200",
      content = @Content(schema = @Schema(implementation = DiagnoseAnswer.class)))
  @ApiResponse(
      responseCode = "400",
      description = "Each offending path, and for ids the nearest known ones (RFC 9457)",
      content =
          @Content(
              mediaType = "application/problem+json",
              schema = @Schema(implementation = ProblemDetail.class)))
  DiagnoseAnswer diagnose(@RequestBody JsonNode body) {
    Question question = new RequestReader(knowledge).read(body, scope.today(), scope.latitude());
    Diagnosis diagnosis = diagnostician.diagnose(question);
    return new DiagnoseAnswer(
        question.kind().form().id(),
        question.kind().taxon().map(Taxon::id).orElse(null),
        question.day().toString(),
        diagnosis.ranking().stream()
            .map(
                r ->
                    new DiagnoseAnswer.Ranked(
                        r.cause().id(),
                        r.cause().label(),
                        r.asks().id(),
                        r.probability(),
                        r.weights().stream()
                            .map(
                                w ->
                                    new DiagnoseAnswer.Evidence(
                                        w.kind().name().toLowerCase(Locale.ROOT),
                                        w.key(),
                                        w.label(),
                                        w.decibans()))
                            .toList(),
                        r.unexplained()))
            .toList(),
        diagnosis.bestSet().stream().map(Cause::id).toList(),
        diagnosis.fit(),
        diagnosis.fitsNothing(),
        diagnosis.unexplained(),
        diagnosis.nextChecks().stream()
            .map(
                n ->
                    new DiagnoseAnswer.Check(
                        n.check().id(),
                        n.check().label(),
                        n.check().minutes(),
                        n.check().stress().name().toLowerCase(Locale.ROOT),
                        n.check().days(),
                        n.bits(),
                        n.nodes().stream().map(Node::id).toList()))
            .toList());
  }
}
