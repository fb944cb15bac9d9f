package org.mildlantern.app.photos;

import static org.assertj.core.api.Assertions.assertThat;

import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.image.BufferedImage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OrientationTest {
  private static final int MARK = 0x123456;

  /** Where the corner that a camera wrote first lies upright; by the table of Exif 2.3. */
  @ParameterizedTest
  @CsvSource({
    "1, 30, 20, 0, 0",
    "2, 30, 20, 29, 0",
    "3, 30, 20, 29, 19",
    "4, 30, 20, 0, 19",
    "5, 20, 30, 0, 0",
    "6, 20, 30, 19, 0",
    "7, 20, 30, 19, 29",
    "8, 20, 30, 0, 29",
  })
  void theFirstCornerGoesWhereTheTagSays(int tag, int width, int height, int x, int y) {
    BufferedImage image = new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, MARK);
    BufferedImage upright = new Orientation(tag).upright(image);
    assertThat(upright.getWidth()).isEqualTo(width);
    assertThat(upright.getHeight()).isEqualTo(height);
    assertThat(upright.getRGB(x, y) & 0xffffff).isEqualTo(MARK);
  }

  @ParameterizedTest
  @ValueSource(ints = {-1, 0, 9, 65_535})
  void aTagThatDoesNotExistIsUpright(int tag) {
    ExifIFD0Directory exif = new ExifIFD0Directory();
    exif.setInt(ExifIFD0Directory.TAG_ORIENTATION, tag);
    Metadata metadata = new Metadata();
    metadata.addDirectory(exif);
    assertThat(Orientation.of(metadata)).isEqualTo(new Orientation(1));
  }

  @Test
  void aFileThatSaysNothingIsUpright() {
    assertThat(Orientation.of(new Metadata())).isEqualTo(new Orientation(1));
  }
}
