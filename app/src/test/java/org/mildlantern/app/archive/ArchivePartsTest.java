package org.mildlantern.app.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

/** An archive that comes in parts over a line that breaks. */
@AppTest
class ArchivePartsTest {
  private static final int PART = 3000;
  private static final Merge.Choice CAREFUL = new Merge.Choice(false, false, null, false);

  @Autowired Keepers keepers;
  @Autowired ArchiveParts parts;
  @Autowired ArchiveService archives;
  @Autowired ArchiveIntake intake;
  @Autowired PlantService plants;

  private SignedIn keeper;
  private byte[] zip;

  @BeforeEach
  void anArchive() {
    SignedIn other = keepers.make();
    PlaceView sill = keepers.place(other, "Sill", PlaceKind.INDOOR);
    keepers.plant(other, sill, "Coleus scutellarioides");
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    keepers.as(
        other,
        () -> {
          try {
            archives.stream(bytes);
            return null;
          } catch (IOException e) {
            throw new IllegalStateException(e);
          }
        });
    zip = bytes.toByteArray();
    assertThat(zip.length).isGreaterThan(3 * PART);
    keeper = keepers.make();
  }

  private ArchiveParts.Part begin(String mark) {
    return keepers.as(keeper, () -> parts.begin("all.zip", zip.length, mark));
  }

  private Optional<ArchiveParts.Part> send(SignedIn by, Long id, long at, int length) {
    byte[] octets = Arrays.copyOfRange(zip, (int) at, (int) Math.min(zip.length, at + length));
    return keepers.as(
        by,
        () -> {
          try {
            return parts.take(id, at, octets);
          } catch (IOException e) {
            throw new IllegalStateException(e);
          }
        });
  }

  @Test
  void itGoesOnWhereTheLineBroke() {
    Long id = begin("a").id();
    assertThat(send(keeper, id, 0, PART).orElseThrow().at()).isEqualTo(PART);
    // The answer was lost, and the part is sent again.
    assertThat(send(keeper, id, 0, PART).orElseThrow().at()).isEqualTo(PART);
    // A part that is not the next is left aside.
    assertThat(send(keeper, id, 2 * PART, PART).orElseThrow().at()).isEqualTo(PART);
    assertThat(keepers.as(keeper, () -> intake.waiting(id))).isEmpty();
    ArchiveParts.Part again = begin("a");
    assertThat(again.id()).isEqualTo(id);
    assertThat(again.at()).isEqualTo(PART);
    long at = again.at();
    while (at < zip.length) {
      at = send(keeper, id, at, PART).orElseThrow().at();
    }
    ArchiveIntake.In in = keepers.as(keeper, () -> intake.waiting(id)).orElseThrow();
    assertThat(in.file()).hasBinaryContent(zip);
    Merge merge = keepers.as(keeper, () -> intake.preview(in.file(), CAREFUL));
    assertThat(merge.fresh()).isPositive();
    assertThat(send(keeper, id, 0, PART).orElseThrow().whole()).isTrue();
    assertThat(in.file()).hasBinaryContent(zip);
  }

  @Test
  void nobodyElseAddsToItAndNoPartGoesBeyondItsEnd() {
    Long id = begin("b").id();
    assertThat(send(keepers.make(), id, 0, PART)).isEmpty();
    ArchiveParts.Part over =
        keepers.as(
            keeper,
            () -> {
              try {
                return parts.take(id, 0, new byte[zip.length + 1]).orElseThrow();
              } catch (IOException e) {
                throw new IllegalStateException(e);
              }
            });
    assertThat(over.at()).isZero();
    assertThat(over.whole()).isFalse();
  }

  @Test
  void fewAreUnderWayAtOnceAndNoneIsEmptyOrBeyondBounds() {
    Long first = begin("1").id();
    send(keeper, first, 0, PART);
    Long second = begin("2").id();
    begin("3");
    begin("4");
    assertThat(send(keeper, first, PART, PART)).isEmpty();
    assertThat(send(keeper, second, 0, PART)).isPresent();
    assertThatThrownBy(() -> keepers.as(keeper, () -> parts.begin("x", 0, "x")))
        .isInstanceOf(ArchiveFault.class);
    assertThatThrownBy(() -> keepers.as(keeper, () -> parts.begin("x", 1L << 50, "x")))
        .isInstanceOf(ArchiveFault.class)
        .hasMessageContaining("GB");
  }

  private ArchiveIntake.Reading read(byte[] bytes) throws Exception {
    Long id =
        keepers.as(
            keeper,
            () -> {
              try {
                return intake.take("all.zip", new ByteArrayInputStream(bytes));
              } catch (IOException e) {
                throw new IllegalStateException(e);
              }
            });
    keepers.as(
        keeper,
        () -> {
          intake.begin(intake.waiting(id).orElseThrow(), CAREFUL);
          return null;
        });
    for (int waits = 0; waits < 300; waits++) {
      ArchiveIntake.Reading now = keepers.as(keeper, () -> intake.reading(id)).orElseThrow();
      if (now.over()) {
        assertThat(keepers.as(keepers.make(), () -> intake.reading(id))).isEmpty();
        return now;
      }
      assertThat(now.percent()).isBetween(0, 100);
      Thread.sleep(100);
    }
    throw new AssertionError("never over");
  }

  @Test
  void aLargeOneIsReadInTheBackgroundAndSaysHowItWent() throws Exception {
    ArchiveIntake.Reading done = read(zip);
    assertThat(done.fault()).isNull();
    assertThat(done.done().fresh()).isPositive();
    assertThat(keepers.as(keeper, plants::kept)).hasSize(1);
    ArchiveIntake.Reading broken = read(Arrays.copyOf(zip, zip.length / 2));
    assertThat(broken.done()).isNull();
    assertThat(broken.fault()).contains("no ZIP file");
  }
}
