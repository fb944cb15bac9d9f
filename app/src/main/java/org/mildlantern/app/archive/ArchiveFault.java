package org.mildlantern.app.archive;

/** An archive cannot be read in; the message is for the keeper, and nothing was changed. */
class ArchiveFault extends IllegalArgumentException {
  private static final long serialVersionUID = 1L;

  ArchiveFault(String message) {
    super(message);
  }

  ArchiveFault(String message, Throwable cause) {
    super(message, cause);
  }
}
