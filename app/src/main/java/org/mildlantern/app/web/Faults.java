package org.mildlantern.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import org.mildlantern.core.words.Words;
import org.springframework.beans.TypeMismatchException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/**
 * Answers what cannot be done: with a page where a page was asked for, else as a problem in JSON.
 */
@ControllerAdvice
class Faults extends ResponseEntityExceptionHandler {
  /** What was wrong, in words for the page. */
  private static final String WHAT = "what";

  private static final Words WORDS = Words.of(Faults.class);

  /** Says of a text or a day that cannot be stored which field it stood in. */
  @Override
  protected ResponseEntity<Object> handleTypeMismatch(
      TypeMismatchException fault, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    String why =
        fault instanceof MethodArgumentTypeMismatchException field
                && field.getParameter().hasParameterAnnotation(RequestParam.class)
            ? why(field)
            : null;
    if (why != null) {
      request.setAttribute(WHAT, why, RequestAttributes.SCOPE_REQUEST);
    }
    HttpStatus said = why == null ? HttpStatus.BAD_REQUEST : HttpStatus.UNPROCESSABLE_ENTITY;
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(said, why);
    return handleExceptionInternal(fault, problem, headers, said, request);
  }

  private static String why(MethodArgumentTypeMismatchException field) {
    if (field.getRequiredType() == String.class) {
      return field.getName() + ": " + WORDS.say("text");
    }
    return field.getRequiredType() == LocalDate.class
        ? field.getName() + ": " + field.getMostSpecificCause().getMessage()
        : null;
  }

  @Override
  protected ResponseEntity<Object> handleExceptionInternal(
      Exception fault, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest asked) {
    ServletWebRequest web = (ServletWebRequest) asked;
    if (!wantsPage(web.getRequest())) {
      return super.handleExceptionInternal(fault, body, headers, status, asked);
    }
    HttpServletResponse response = web.getResponse();
    if (response != null && !response.isCommitted()) {
      headers.forEach((name, values) -> values.forEach(value -> response.addHeader(name, value)));
      try {
        response.sendError(status.value());
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return null;
  }

  /** Whether a browser goes to a page, rather than a script fetching something. */
  private static boolean wantsPage(HttpServletRequest request) {
    String accept = request.getHeader(HttpHeaders.ACCEPT);
    return accept != null
        && accept.contains(MediaType.TEXT_HTML_VALUE)
        && request.getHeader(Htmx.HEADER) == null;
  }
}
