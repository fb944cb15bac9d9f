package org.mildlantern.app.archive;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

class CsvLinesTest {
  private static String ended(String csv, int part) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    byte[] all = csv.getBytes(StandardCharsets.UTF_8);
    try (CsvLines out = new CsvLines(bytes)) {
      for (int i = 0; i < all.length; i += part) {
        if (part == 1) {
          out.write(all[i]);
        } else {
          out.write(all, i, Math.min(part, all.length - i));
        }
      }
    }
    return bytes.toString(StandardCharsets.UTF_8);
  }

  @Test
  void linesEndAsTheStandardAsksAndWhatIsQuotedStays() throws IOException {
    String csv = "a,b\n\"x\ny\",\"say \"\"hi\"\"\n\"\n,🌱\n";
    for (int part : new int[] {1, 2, 3, 5, 100}) {
      assertThat(ended(csv, part))
          .as("in parts of " + part)
          .isEqualTo("a,b\r\n\"x\ny\",\"say \"\"hi\"\"\n\"\r\n,🌱\r\n");
    }
  }
}
