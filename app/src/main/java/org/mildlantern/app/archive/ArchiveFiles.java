package org.mildlantern.app.archive;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.mildlantern.core.words.Words;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/** Where archives lie until they are fetched or read in. */
@Component
class ArchiveFiles {
  private static final Words WORDS = Words.of(ArchiveFiles.class);

  private static final int PART = 1 << 16;

  private final Path folder;
  private final long most;

  ArchiveFiles(
      @Value("${mild-lantern.files}") Path folder,
      @Value("${mild-lantern.archive-most}") DataSize most) {
    this.folder = folder;
    this.most = most.toBytes();
  }

  /** A name that no other has, in a folder that is there. */
  Path fresh(String ending) {
    try {
      Files.createDirectories(folder);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return folder.resolve(UUID.randomUUID() + ending);
  }

  /**
   * Refuses what is too large.
   *
   * @throws ArchiveFault when it is
   */
  void bound(long size) {
    if (size > most) {
      throw new ArchiveFault(WORDS.say("large", most / (1L << 30)));
    }
  }

  /** Keeps bytes that come. */
  Path hold(InputStream bytes) throws IOException {
    Path file = fresh(".in.zip");
    try {
      try (OutputStream out = Files.newOutputStream(file)) {
        long size = 0;
        byte[] part = new byte[PART];
        for (int n = bytes.read(part); n >= 0; n = bytes.read(part)) {
          size += n;
          bound(size);
          out.write(part, 0, n);
        }
      }
    } catch (IOException | RuntimeException e) {
      remove(file);
      throw e;
    }
    return file;
  }

  static void remove(Path file) {
    try {
      Files.deleteIfExists(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
