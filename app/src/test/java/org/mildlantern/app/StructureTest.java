package org.mildlantern.app;

import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

class StructureTest {
  @Test
  void featuresUseOneAnotherThroughTheirPublicFaceAndWithoutCircles() {
    ApplicationModules.of(MildLanternApplication.class).verify();
  }
}
