package org.mildlantern.core.knowledge.load;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.error.YAMLException;

/** YAML as maps and lists, for files that have no schema; a key that stands twice is refused. */
public final class PlainYaml {
  private PlainYaml() {}

  /**
   * Reads a resource.
   *
   * @throws IllegalStateException if it cannot be read, with its name and the line
   */
  public static <T> T resource(String path) {
    try (InputStream in = PlainYaml.class.getResourceAsStream(path)) {
      if (in == null) {
        throw new IllegalStateException(path + " is missing");
      }
      return read(path, in);
    } catch (IOException e) {
      throw new UncheckedIOException(path, e);
    }
  }

  static <T> T read(String name, InputStream in) {
    LoaderOptions options = new LoaderOptions();
    options.setAllowDuplicateKeys(false);
    try {
      return new Yaml(options).load(in);
    } catch (YAMLException e) {
      throw new IllegalStateException(name + " cannot be read: " + e.getMessage(), e);
    }
  }
}
