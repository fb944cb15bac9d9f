package org.mildlantern.core.knowledge.load;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A folder of text files, read whole.
 *
 * @param texts by their path below the folder, with slashes
 */
public record Files(SortedMap<String, String> texts) {

  /** The files of a folder on disk. */
  public static Files of(Path folder) {
    SortedMap<String, String> texts = new TreeMap<>();
    try (Stream<Path> all = java.nio.file.Files.walk(folder)) {
      for (Path file : (Iterable<Path>) all.filter(java.nio.file.Files::isRegularFile)::iterator) {
        String name = folder.relativize(file).toString().replace('\\', '/');
        try (InputStream in = java.nio.file.Files.newInputStream(file)) {
          texts.put(name, new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return new Files(texts);
  }

  /** The files of a folder on the class path, in a directory or in a jar. */
  public static Files ofClassPath(String folder) {
    URL url = Files.class.getResource(folder);
    if (url == null) {
      throw new IllegalStateException("There is no folder " + folder + " on the class path.");
    }
    try {
      URI uri = url.toURI();
      if (uri.getScheme().equals("file")) {
        return of(Path.of(uri));
      }
      try (FileSystem jar = FileSystems.newFileSystem(uri, Map.of())) {
        return of(jar.provider().getPath(uri));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (URISyntaxException e) {
      throw new IllegalStateException(e);
    }
  }

  /** The same with one file changed. */
  public Files with(String file, UnaryOperator<String> change) {
    SortedMap<String, String> changed = new TreeMap<>(texts);
    changed.put(file, change.apply(texts.getOrDefault(file, "")));
    return new Files(changed);
  }

  /** YAML files that are the path itself or lie in the folder of that name. */
  Map<String, String> below(String path) {
    Map<String, String> found = new LinkedHashMap<>();
    texts.forEach(
        (name, text) -> {
          if (name.endsWith(".yaml") && (name.equals(path) || name.startsWith(path + "/"))) {
            found.put(name, text);
          }
        });
    return found;
  }
}
