package org.mildlantern.app.api;

import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Tells other programs what is wrong with a question, path by path. */
@RestControllerAdvice(
    assignableTypes = {
      ApiController.class,
      ReadController.class,
      LabelController.class,
      PlaceAnswersController.class,
      FeedAnswersController.class,
      SeasonController.class,
      RecordsController.class
    })
@Order(Ordered.HIGHEST_PRECEDENCE)
class ApiFaults {
  @ExceptionHandler(ApiFault.class)
  ProblemDetail fault(ApiFault fault) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.BAD_REQUEST, "The request holds faults; see problems.");
    problem.setTitle("Bad request");
    problem.setProperty("problems", fault.problems());
    return problem;
  }

  @ExceptionHandler(HttpMessageNotReadableException.class)
  ProblemDetail unreadable() {
    return fault(new ApiFault(List.of(new ApiFault.Problem("$", "is not valid JSON", List.of()))));
  }
}
