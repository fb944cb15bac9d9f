package org.mildlantern.app.photos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PictureTest {
  @Test
  void aLargePictureIsMadeSmaller() {
    Picture picture = Picture.read(Pictures.jpeg(3200, 1600));
    assertThat(picture.width()).isEqualTo(1600);
    assertThat(picture.height()).isEqualTo(800);
    assertThat(picture.takenOn()).isNull();
    assertThat(picture.thumbnail().length).isLessThan(picture.image().length);
  }

  @Test
  void aPngBecomesAJpeg() {
    byte[] image = Picture.read(Pictures.file(40, 30, "png")).image();
    assertThat(image[0] & 0xff).isEqualTo(0xff);
    assertThat(image[1] & 0xff).isEqualTo(0xd8);
  }

  @Test
  void itIsTurnedUprightAndItsPositionIsDropped() throws Exception {
    byte[] file = Pictures.withExif(Pictures.jpeg(200, 100));
    assertThat(new String(file, StandardCharsets.ISO_8859_1)).contains("Exif");
    Picture picture = Picture.read(file);
    assertThat(picture.takenOn()).isEqualTo(LocalDate.of(2026, 5, 1));
    assertThat(picture.width()).isEqualTo(100);
    assertThat(picture.height()).isEqualTo(200);
    assertThat(new String(picture.image(), StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
    BufferedImage upright = ImageIO.read(new ByteArrayInputStream(picture.image()));
    assertThat(new Color(upright.getRGB(50, 20)).getRed()).isGreaterThan(200);
    assertThat(new Color(upright.getRGB(50, 180)).getBlue()).isGreaterThan(200);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "<svg xmlns='http://www.w3.org/2000/svg'/>", "GIF89a", "\u0089PNG"})
  void whatIsNoPictureIsRefused(String file) {
    assertThatThrownBy(() -> Picture.read(file.getBytes(StandardCharsets.ISO_8859_1)))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("picture");
  }

  @Test
  void halfAJpegIsRefused() {
    byte[] whole = Pictures.jpeg(400, 300);
    byte[] half = java.util.Arrays.copyOf(whole, whole.length * 2 / 3);
    assertThatThrownBy(() -> Picture.read(half))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("picture");
  }

  @Test
  void aSmallFileOfVeryManyPixelsIsNotUnpacked() {
    byte[] trap = Pictures.file(4000, 4000, "png");
    assertThatThrownBy(() -> Picture.read(trap)).hasMessageContaining("unpacks to far more");
  }

  @Test
  void aLargePhotoIsReadNoLargerThanNeeded() {
    Picture picture = Picture.read(Pictures.file(6500, 400, "png"));
    assertThat(picture.width()).isEqualTo(1600);
    assertThat(picture.height()).isBetween(97, 99);
  }

  @Test
  void aBrokenPictureIsRefused() {
    byte[] whole = Pictures.file(300, 300, "png");
    byte[] half = java.util.Arrays.copyOf(whole, whole.length / 2);
    assertThatThrownBy(() -> Picture.read(half)).hasMessageContaining("cannot be read");
  }

  @Test
  void aFileOverTwentyMegabytesIsRefused() {
    assertThatThrownBy(() -> Picture.read(new byte[Picture.MOST_BYTES + 1]))
        .hasMessageContaining("20 MB");
  }
}
