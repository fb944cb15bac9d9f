package org.mildlantern.app.web;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpStatus;
import org.springframework.web.server.ResponseStatusException;

/** Faults that every controller answers alike. */
public final class Web {
  /** Header of responses that show what was wrong; nothing that the request did may stay. */
  public static final String REFUSED = "Round-Refused";

  /** Attribute of posts whose transaction has ended; what follows only reads. */
  public static final String HANDLED = Web.class.getName() + ".handled";

  private Web() {}

  /** There is no such thing, or it is somebody else's. */
  public static ResponseStatusException missing() {
    return new ResponseStatusException(HttpStatus.NOT_FOUND);
  }

  public static ResponseStatusException badRequest(String message) {
    return new ResponseStatusException(HttpStatus.BAD_REQUEST, message);
  }

  public static ResponseStatusException refused(String message) {
    return new ResponseStatusException(HttpStatus.UNPROCESSABLE_ENTITY, message);
  }

  /** The header of a file that is saved under a name. */
  public static String saved(String name) {
    return ContentDisposition.attachment().filename(name).build().toString();
  }
}
