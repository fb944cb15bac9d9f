package org.mildlantern.app.web;

import org.springframework.validation.BindingResult;

/** A fault in one field of a form, in words for the keeper. */
public class FieldFault extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;
  private final String field;

  public FieldFault(String field, String message) {
    super(message);
    this.field = field;
  }

  public String field() {
    return field;
  }

  /** Notes it at its field. */
  public void at(BindingResult errors) {
    errors.rejectValue(field, "fits", getMessage());
  }
}
