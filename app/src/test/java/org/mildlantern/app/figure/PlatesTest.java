package org.mildlantern.app.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Remedies;
import org.springframework.beans.factory.annotation.Autowired;

class PlatesTest extends WebCase {
  @Autowired Plates plates;
  @Autowired Knowledge knowledge;
  @Autowired Remedies remedies;

  private List<Plate> all() {
    return plates.byFamily().values().stream().flatMap(List::stream).toList();
  }

  @Test
  void eachIsDrawnOnceWithAScaleAndWithoutScript() throws Exception {
    assertThat(all()).hasSizeGreaterThanOrEqualTo(40);
    assertThat(all().stream().map(Plate::id).distinct()).hasSameSizeAs(all());
    for (Plate plate : all()) {
      try (InputStream in = Plates.class.getResourceAsStream("/static" + plate.file())) {
        assertThat(in).as(plate.id()).isNotNull();
        String drawing = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        assertThat(drawing)
            .as(plate.id())
            .containsPattern("text-anchor=\"middle\"[^>]*>[0-9.]+ (mm|cm)</text>")
            .doesNotContainPattern("<script|\\son[a-z]+=|href|style=");
      }
    }
  }

  @Test
  void everyPestWithACourseHasOne() {
    Set<String> drawn =
        all().stream().flatMap(plate -> plate.causes().stream()).collect(Collectors.toSet());
    assertThat(
            knowledge.causes().stream()
                .filter(cause -> cause.family().equals("pest"))
                .filter(cause -> remedies.pests().find(cause.id()).isPresent())
                .filter(cause -> !drawn.contains(cause.id())))
        .isEmpty();
  }

  @Test
  void theyStandWithTheirCauseTheirSignAndSideBySide() throws Exception {
    var keeper = keepers.make();
    get(keeper, "/know/plates").andExpect(status().isOk());
    get(keeper, "/know/causes/thrips")
        .andExpect(content().string(containsString("/img/plates/thrips-adult.svg")));
    get(keeper, "/know/signs/silvering")
        .andExpect(content().string(containsString("/img/plates/thrips-leaf.svg")));
    get(keeper, "/know/compare?a=soft-scale&b=oedema")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("/img/plates/soft-scale.svg"),
                        containsString("/img/plates/not-a-scale.svg"))));
  }
}
