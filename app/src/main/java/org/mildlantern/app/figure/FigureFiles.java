package org.mildlantern.app.figure;

import static com.fasterxml.jackson.core.JsonParser.Feature.STRICT_DUPLICATE_DETECTION;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.dataformat.yaml.YAMLFactory;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** Reads what is drawn from {@code figures/}. */
final class FigureFiles {
  private static final ObjectMapper YAML =
      new ObjectMapper(new YAMLFactory().enable(STRICT_DUPLICATE_DETECTION));

  private FigureFiles() {}

  static <T> T read(String name, TypeReference<T> type) {
    try (InputStream in = FigureFiles.class.getResourceAsStream("/figures/" + name + ".yaml")) {
      return YAML.readValue(in, type);
    } catch (IOException e) {
      throw new UncheckedIOException("figures/" + name + ".yaml", e);
    }
  }
}
