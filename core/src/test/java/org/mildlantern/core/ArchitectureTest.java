package org.mildlantern.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Random;

@AnalyzeClasses(packages = "org.mildlantern.core", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule CORE_IS_FREE_OF_FRAMEWORKS =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..", "jakarta..", "org.hibernate..", "org.thymeleaf..");

  @ArchTest
  static final ArchRule CORE_HAS_NO_CLOCK =
      noClasses()
          .should()
          .callMethod(LocalDate.class, "now")
          .orShould()
          .callMethod(Instant.class, "now")
          .orShould()
          .dependOnClassesThat()
          .belongToAnyOf(Clock.class, Random.class);
}
