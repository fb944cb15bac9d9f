package org.mildlantern.app.archive;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;

/** Ends the lines of a CSV as RFC 4180 asks, and leaves what is quoted as it is. */
class CsvLines extends FilterOutputStream {
  private boolean quoted;

  CsvLines(OutputStream out) {
    super(out);
  }

  @Override
  public void write(int octet) throws IOException {
    if (octet == '"') {
      quoted = !quoted;
    } else if (octet == '\n' && !quoted) {
      out.write('\r');
    }
    out.write(octet);
  }

  @Override
  public void write(byte[] octets, int from, int length) throws IOException {
    int start = from;
    for (int i = from; i < from + length; i++) {
      if (octets[i] == '"') {
        quoted = !quoted;
      } else if (octets[i] == '\n' && !quoted) {
        out.write(octets, start, i - start);
        out.write('\r');
        start = i;
      }
    }
    out.write(octets, start, from + length - start);
  }

  /** The stream below goes on. */
  @Override
  public void close() throws IOException {
    flush();
  }
}
