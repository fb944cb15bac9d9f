package org.mildlantern.app.photos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

class PhotoPageTest extends WebCase {
  @Autowired PhotoService photos;

  private SignedIn keeper;
  private PlantView plant;
  private String path;

  @BeforeEach
  void aPlant() {
    keeper = keepers.make();
    plant = keepers.plant(keeper, keepers.place(keeper, "Sill", PlaceKind.INDOOR), "Phalaenopsis");
    path = "/plants/" + plant.id() + "/photos";
  }

  private ResultActions send(byte[] file, String caption, String day) throws Exception {
    return web.perform(
        multipart(path)
            .file(new MockMultipartFile("files", "leaf.jpg", "image/jpeg", file))
            .param("caption", caption)
            .param("day", day)
            .with(user(keeper))
            .with(csrf()));
  }

  private List<PhotoView> kept() {
    return keepers.as(keeper, () -> photos.of(plant.id()));
  }

  @Test
  void aPhotoIsKeptShownAndTakenAway() throws Exception {
    send(Pictures.jpeg(80, 60), "third leaf", "2026-10-01").andExpect(status().is3xxRedirection());
    PhotoView photo = kept().get(0);
    get(keeper, path).andExpect(content().string(containsString("third leaf")));
    get(keeper, "/plants/" + plant.id())
        .andExpect(content().string(containsString("/photos/" + photo.id() + "/small")));
    get(keeper, "/photos/" + photo.id())
        .andExpect(status().isOk())
        .andExpect(content().contentType("image/jpeg"))
        .andExpect(header().string("Cache-Control", containsString("private")));
    post(keeper, "/entries/" + photo.entryId() + "/undo", "from", "photos")
        .andExpect(header().string("Location", path));
    assertThat(kept()).isEmpty();
  }

  @Test
  void ofSeveralFilesAllAreKeptOrNone() throws Exception {
    web.perform(
            multipart(path)
                .file(new MockMultipartFile("files", "a.jpg", "image/jpeg", Pictures.jpeg(8, 8)))
                .file(new MockMultipartFile("files", "b.jpg", "image/jpeg", "no".getBytes()))
                .with(user(keeper))
                .with(csrf()))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("nothing was added yet")));
    assertThat(kept()).isEmpty();
  }

  @Test
  void twoPhotosStandBesideEachOtherWithTheDaysBetween() throws Exception {
    get(keeper, path + "/compare").andExpect(status().is3xxRedirection());
    send(Pictures.jpeg(80, 60), "first", "2026-10-01");
    send(Pictures.jpeg(80, 60), "second", "2026-10-31");
    get(keeper, path + "/compare")
        .andExpect(content().string(containsString("30 days apart")))
        .andExpect(content().string(containsString("It has spread")));
    Long last = kept().get(0).id();
    get(keeper, path + "/compare?before=" + last + "&after=" + last)
        .andExpect(content().string(containsString("on the same day")));
  }

  @Test
  void badUploadsSayWhy() throws Exception {
    send("no picture".getBytes(), "kept words", "")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("leaf.jpg: A picture as JPEG or PNG, please.")))
        .andExpect(content().string(containsString("kept words")));
    send(new byte[0], "", "")
        .andExpect(content().string(containsString("Choose a picture first.")));
    send(Pictures.jpeg(8, 8), "", "2999-01-01")
        .andExpect(content().string(containsString("This day has not come yet.")));
    send(Pictures.jpeg(8, 8), "x".repeat(121), "")
        .andExpect(content().string(containsString("At most 120 characters.")));
    assertThat(kept()).isEmpty();
  }

  @Test
  void nobodyElseSeesIt() throws Exception {
    send(Pictures.jpeg(80, 60), "mine", "2026-10-01");
    SignedIn other = keepers.make();
    get(other, "/photos/" + kept().get(0).id()).andExpect(status().isNotFound());
    get(other, "/photos/" + kept().get(0).id() + "/small").andExpect(status().isNotFound());
    get(other, path).andExpect(status().isNotFound());
    get(other, path + "/compare").andExpect(status().isNotFound());
  }
}
