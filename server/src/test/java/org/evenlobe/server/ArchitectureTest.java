package org.evenlobe.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Instant;
import java.time.LocalDate;
import org.springframework.web.bind.annotation.RestController;

@AnalyzeClasses(
    packages = "org.evenlobe.server",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule NO_CIRCLES_BETWEEN_NOUNS =
      slices().matching("org.evenlobe.server.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule THE_CLOCK_IS_A_BEAN =
      noClasses()
          .should()
          .callMethod(LocalDate.class, "now")
          .orShould()
          .callMethod(Instant.class, "now")
          .orShould()
          .callMethod(System.class, "currentTimeMillis");

  @ArchTest
  static final ArchRule CONTROLLERS_STAY_INSIDE_THEIR_NOUN =
      classes().that().areAnnotatedWith(RestController.class).should().bePackagePrivate();
}
