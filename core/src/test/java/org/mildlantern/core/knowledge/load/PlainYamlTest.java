package org.mildlantern.core.knowledge.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PlainYamlTest {
  @Test
  void reads() {
    List<Map<String, Object>> entries = read("- {id: a, amount: 3}\n");
    assertThat(entries).containsExactly(Map.of("id", "a", "amount", 3));
  }

  @Test
  void aKeyThatStandsTwiceIsRefusedWithItsLine() {
    assertThatThrownBy(() -> read("- id: a\n  amount: 3\n  amount: 4\n"))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContainingAll("some.yaml", "duplicate key amount", "line 3");
  }

  @Test
  void whatCannotBeReadIsSaidWithItsName() {
    assertThatThrownBy(() -> read("- {id: a\n"))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("some.yaml");
    assertThatThrownBy(() -> PlainYaml.resource("/nowhere.yaml"))
        .hasMessage("/nowhere.yaml is missing");
  }

  private static <T> T read(String text) {
    return PlainYaml.read(
        "some.yaml", new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
  }
}
