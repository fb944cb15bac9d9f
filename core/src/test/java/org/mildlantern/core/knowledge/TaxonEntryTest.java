package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.junit.jupiter.api.Test;

class TaxonEntryTest {
  private static final ObjectMapper JSON = new ObjectMapper();

  private static JsonNode json(String text) {
    try {
      return JSON.readTree(text.replace('\'', '"'));
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  private final JsonNode genus =
      json(
          "{'id':'hoya','name':'Hoya','synonyms':['Old'],'form':'vine','water':'soak',"
              + "'feed':'weak','prone':{'mites':'for','scale':'against'}}");
  private final Map<String, JsonNode> all = Map.of("hoya", genus);
  private final Map<String, JsonNode> usual =
      Map.of("vine", json("{'form':'vine','feed':'medium','sheds':'keeps'}"));

  private JsonNode complete(String text) {
    return TaxonEntry.complete((ObjectNode) json(text), all, usual);
  }

  @Test
  void ownWordsComeFirstThenTheGenusThenTheForm() {
    JsonNode full = complete("{'id':'hoya-x','name':'Hoya x','like':'hoya','water':'cup'}");
    assertThat(full.get("water").asText()).isEqualTo("cup");
    assertThat(full.get("feed").asText()).isEqualTo("weak");
    assertThat(full.get("sheds").asText()).isEqualTo("keeps");
  }

  @Test
  void namesAreNeverTakenOver() {
    JsonNode full = complete("{'id':'hoya-x','name':'Hoya x','like':'hoya'}");
    assertThat(full.get("name").asText()).isEqualTo("Hoya x");
    assertThat(full.has("synonyms")).isFalse();
  }

  @Test
  void proneIsMergedCauseByCause() {
    JsonNode full = complete("{'id':'hoya-x','like':'hoya','prone':{'mites':'strongly for'}}");
    assertThat(full.get("prone").get("mites").asText()).isEqualTo("strongly for");
    assertThat(full.get("prone").get("scale").asText()).isEqualTo("against");
    assertThat(genus.get("prone").get("mites").asText()).isEqualTo("for");
  }

  @Test
  void anEntryOfItsOwnTakesOnlyWhatIsUsual() {
    JsonNode full = complete("{'id':'lone','form':'vine'}");
    assertThat(full.get("feed").asText()).isEqualTo("medium");
    assertThat(full.has("water")).isFalse();
  }
}
