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
import java.util.Date;
import java.util.Iterator;
import java.util.TimeZone;
import javax.imageio.ImageIO;
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
      byte[] image = jpeg(file, Math.min(LONGEST, checkedSize(file)), 0.85);
      BufferedImage upright = ImageIO.read(new ByteArrayInputStream(image));
      return new Picture(
          upright.getWidth(),
          upright.getHeight(),
          day(file),
          image,
          jpeg(image, Math.min(SMALL, Math.max(upright.getWidth(), upright.getHeight())), 0.8));
    } catch (IOException | RuntimeException e) {
      if (e instanceof IllegalArgumentException ours && ours.getCause() == null) {
        throw ours;
      }
      throw new IllegalArgumentException("That file cannot be read as a picture.", e);
    }
  }

  /**
   * The longer side in pixels. Refuses what is no JPEG or PNG, or would fill the memory, before
   * decoding it.
   */
  private static int checkedSize(byte[] file) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      ImageReader reader = readers.hasNext() ? readers.next() : null;
      if (reader == null || !reader.getFormatName().matches("(?i)jpeg|png")) {
        throw new IllegalArgumentException("A picture as JPEG or PNG, please.");
      }
      try {
        reader.setInput(in);
        if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_PIXELS) {
          throw new IllegalArgumentException("That picture has more than 60 million pixels.");
        }
        return Math.max(reader.getWidth(0), reader.getHeight(0));
      } finally {
        reader.dispose();
      }
    }
  }

  private static byte[] jpeg(byte[] from, int longest, double quality) throws IOException {
    BufferedImage upright =
        Thumbnails.of(new ByteArrayInputStream(from))
            .size(longest, longest)
            .imageType(BufferedImage.TYPE_INT_RGB)
            .asBufferedImage();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Thumbnails.of(upright).scale(1).outputFormat("jpg").outputQuality(quality).toOutputStream(out);
    return out.toByteArray();
  }

  private static LocalDate day(byte[] file) {
    try {
      Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
      ExifSubIFDDirectory exif = metadata.getFirstDirectoryOfType(ExifSubIFDDirectory.class);
      Date date = exif == null ? null : exif.getDateOriginal(TimeZone.getTimeZone("UTC"));
      return date == null ? null : LocalDate.ofInstant(date.toInstant(), ZoneOffset.UTC);
    } catch (ImageProcessingException | IOException e) {
      return null;
    }
  }
}
