package org.mildlantern.app.archive;

import com.fasterxml.jackson.core.JacksonException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.Closeable;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.mildlantern.core.words.Words;

/** An archive that is read; nothing in it is believed before it is checked. */
class ArchiveReader implements Closeable {
  private static final Words WORDS = Words.of(ArchiveReader.class);

  /** What is packed fits into so many times its file; text of tables packs to a tenth or so. */
  private static final long UNPACKS = 30;

  private static final long SMALL = 16L << 20;
  private static final int LARGEST_MANIFEST = 4 << 20;
  private static final int LARGEST_PICTURE = 30 << 20;
  private static final String HASH = "[0-9a-f]{64}";

  private final ZipFile zip;
  private final Manifest manifest;
  private long left;

  ArchiveReader(Path file, ObjectMapper json) throws IOException {
    this.left = SMALL + UNPACKS * Files.size(file);
    try {
      this.zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new ArchiveFault(WORDS.say("no-zip"), e);
    }
    try {
      this.manifest = read(json);
    } catch (IOException | RuntimeException e) {
      zip.close();
      throw e;
    }
  }

  private Manifest read(ObjectMapper json) throws IOException {
    ZipEntry entry = zip.getEntry(Manifest.NAME);
    if (entry == null || entry.getSize() > LARGEST_MANIFEST) {
      throw new ArchiveFault(WORDS.say("no-archive"));
    }
    Manifest read;
    try (InputStream in = zip.getInputStream(entry)) {
      read = json.readValue(in.readNBytes(LARGEST_MANIFEST), Manifest.class);
    } catch (JacksonException e) {
      throw new ArchiveFault(WORDS.say("no-archive"), e);
    }
    if (read == null || !Manifest.FORMAT.equals(read.format()) || !read.whole()) {
      throw new ArchiveFault(WORDS.say("no-archive"));
    }
    if (read.version() != Manifest.VERSION) {
      throw new ArchiveFault(WORDS.say("newer", read.version(), Manifest.VERSION));
    }
    return read;
  }

  Manifest manifest() {
    return manifest;
  }

  /** The rows of a table. */
  InputStream rows(String table) throws IOException {
    ZipEntry entry = zip.getEntry(Manifest.file(table));
    if (entry == null) {
      throw new ArchiveFault(WORDS.say("no-table", table));
    }
    return new FilterInputStream(zip.getInputStream(entry)) {
      @Override
      public int read() throws IOException {
        return counted(super.read(), 1);
      }

      @Override
      public int read(byte[] into, int from, int length) throws IOException {
        int read = super.read(into, from, length);
        return counted(read, read);
      }

      private int counted(int read, int octets) {
        left -= read < 0 ? 0 : octets;
        if (left < 0) {
          throw new ArchiveFault(WORDS.say("swells"));
        }
        return read;
      }
    };
  }

  boolean hasPicture(String hash) {
    return hash.matches(HASH) && zip.getEntry(Manifest.picture(hash)) != null;
  }

  /** A picture whose bytes are what their name says, and that can be decoded. */
  byte[] picture(String hash) throws IOException {
    if (!hasPicture(hash)) {
      throw new ArchiveFault(WORDS.say("no-picture", hash));
    }
    byte[] bytes;
    try (InputStream in = zip.getInputStream(zip.getEntry(Manifest.picture(hash)))) {
      bytes = in.readNBytes(LARGEST_PICTURE + 1);
    }
    if (bytes.length > LARGEST_PICTURE || !hash.equals(sha256(bytes)) || !isJpeg(bytes)) {
      throw new ArchiveFault(WORDS.say("bad-picture", hash));
    }
    return bytes;
  }

  static String sha256(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  private static boolean isJpeg(byte[] bytes) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        return false;
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in, true, true);
        return reader.getFormatName().equalsIgnoreCase("jpeg")
            && reader.getWidth(0) <= LARGEST_SIDE
            && reader.getHeight(0) <= LARGEST_SIDE
            && reader.read(0) != null;
      } catch (IOException | RuntimeException e) {
        return false;
      } finally {
        reader.dispose();
      }
    }
  }

  /** Pictures are kept no larger than 1600 pixels a side. */
  private static final int LARGEST_SIDE = 4000;

  @Override
  public void close() throws IOException {
    zip.close();
  }
}
