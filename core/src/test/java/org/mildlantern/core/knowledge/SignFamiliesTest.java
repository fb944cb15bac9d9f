package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class SignFamiliesTest {
  @Test
  void everyFamilyOfSignsHasItsWords() {
    assertThat(Library.shipped().knowledge().signs())
        .allSatisfy(
            sign ->
                assertThat(SignFamilies.label(sign.family()))
                    .as(sign.id())
                    .isNotEqualTo(sign.family()));
  }
}
