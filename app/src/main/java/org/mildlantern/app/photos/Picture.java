package org.mildlantern.app.photos;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Date;
import java.util.Iterator;
import java.util.List;
import java.util.TimeZone;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;

/**
 * A picture that was decoded, turned upright and written anew, so that nothing of the file as it
 * came is kept: no position, no camera, no hidden data.
 *
 * @param takenOn the day that the camera noted, or null
 * @param image JPEG of at most {@value #LONGEST} pixels a side
 * @param thumbnail JPEG of at most {@value #SMALL} pixels a side
 */
public record Picture(int width, int height, LocalDate takenOn, byte[] image, byte[] thumbnail) {
  private static final int LONGEST = 1600;
  private static final int SMALL = 360;
  private static final long MOST_PIXELS = 60_000_000;

  /** Large photographs take a byte for at most some 20 pixels (rule of thumb). */
  private static final long LARGE = 8_000_000;

  private static final long MOST_PIXELS_A_BYTE = 100;
  static final int MOST_BYTES = 20 * 1024 * 1024;

  /**
   * Reads a file.
   *
   * @throws IllegalArgumentException with a message for the keeper when it is no picture, or too
   *     large
   */
  public static Picture read(byte[] file) {
    if (file.length > MOST_BYTES) {
      throw new IllegalArgumentException("That file is larger than 20 MB.");
    }
    try {
      Metadata metadata = metadata(file);
      BufferedImage upright = Orientation.of(metadata).upright(decode(file));
      BufferedImage image = fit(upright, LONGEST);
      return new Picture(
          image.getWidth(),
          image.getHeight(),
          day(metadata),
          jpeg(image, 0.85),
          jpeg(fit(image, SMALL), 0.8));
    } catch (IOException | RuntimeException e) {
      if (e instanceof IllegalArgumentException ours && ours.getCause() == null) {
        throw ours;
      }
      throw new IllegalArgumentException("That file cannot be read as a picture.", e);
    }
  }

  /**
   * Decodes a picture no larger than needed. What is no JPEG or PNG, or would fill the memory, is
   * refused before it is decoded; what ends too early, after.
   */
  private static BufferedImage decode(byte[] file) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      ImageReader reader = readers.hasNext() ? readers.next() : null;
      if (reader == null || !reader.getFormatName().matches("(?i)jpeg|png")) {
        throw new IllegalArgumentException("A picture as JPEG or PNG, please.");
      }
      try {
        reader.setInput(in, true, true);
        check((long) reader.getWidth(0) * reader.getHeight(0), file.length);
        List<String> warnings = new ArrayList<>();
        reader.addIIOReadWarningListener((source, warning) -> warnings.add(warning));
        ImageReadParam wish = reader.getDefaultReadParam();
        int step = Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / (2 * LONGEST));
        wish.setSourceSubsampling(step, step, 0, 0);
        BufferedImage image = reader.read(0, wish);
        if (warnings.stream().anyMatch(w -> w.matches(".*(Premature|Truncated).*"))) {
          throw new IllegalArgumentException("That picture ends in the middle; send it again.");
        }
        return image;
      } finally {
        reader.dispose();
      }
    }
  }

  private static void check(long pixels, int bytes) {
    if (pixels > MOST_PIXELS) {
      throw new IllegalArgumentException("That picture has more than 60 million pixels.");
    }
    if (pixels > LARGE && pixels / bytes > MOST_PIXELS_A_BYTE) {
      throw new IllegalArgumentException(
          "That file unpacks to far more than a photograph holds; it is not read.");
    }
  }

  private static BufferedImage fit(BufferedImage image, int longest) throws IOException {
    int longer = Math.max(image.getWidth(), image.getHeight());
    return Thumbnails.of(image)
        .size(Math.min(longest, longer), Math.min(longest, longer))
        .imageType(BufferedImage.TYPE_INT_RGB)
        .asBufferedImage();
  }

  private static byte[] jpeg(BufferedImage image, double quality) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Thumbnails.of(image).scale(1).outputFormat("jpg").outputQuality(quality).toOutputStream(out);
    return out.toByteArray();
  }

  /** What the file says about itself; nothing when that cannot be read. */
  private static Metadata metadata(byte[] file) {
    try {
      return ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
    } catch (ImageProcessingException | IOException e) {
      return new Metadata();
    }
  }

  private static LocalDate day(Metadata metadata) {
    ExifSubIFDDirectory exif = metadata.getFirstDirectoryOfType(ExifSubIFDDirectory.class);
    Date date = exif == null ? null : exif.getDateOriginal(TimeZone.getTimeZone("UTC"));
    return date == null ? null : LocalDate.ofInstant(date.toInstant(), ZoneOffset.UTC);
  }
}
