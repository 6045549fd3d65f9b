package org.evenlobe.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;

@AnalyzeClasses(
    packages = "org.evenlobe.core",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule CORE_KNOWS_NO_FRAMEWORK =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..",
              "jakarta..",
              "org.hibernate..",
              "tools.jackson..",
              "com.fasterxml..",
              "java.net..",
              "java.sql..");

  @ArchTest
  static final ArchRule CORE_KNOWS_NO_CLOCK =
      noClasses()
          .should()
          .callMethod(LocalDate.class, "now")
          .orShould()
          .callMethod(Instant.class, "now")
          .orShould()
          .callMethod(System.class, "currentTimeMillis")
          .orShould()
          .dependOnClassesThat()
          .areAssignableTo(Clock.class);

  @ArchTest
  static final ArchRule NO_CIRCLES_BETWEEN_NOUNS =
      slices().matching("org.evenlobe.core.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule NO_CIRCLES_BETWEEN_ROOMS_OF_THE_PLAN =
      slices().matching("org.evenlobe.core.plan.(*)").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule ONLY_EVENING_OUT_KNOWS_WHOLE_PLANS =
      noClasses()
          .that()
          .resideInAPackage("org.evenlobe.core.plan.*")
          .and()
          .resideOutsideOfPackage("org.evenlobe.core.plan.even")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("org.evenlobe.core.plan");

  @ArchTest
  static final ArchRule ARROWS_POINT_ONE_WAY =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("rule")
          .definedBy("..core.rule..")
          .layer("measure")
          .definedBy("..core.measure..")
          .layer("record")
          .definedBy("..core.record..")
          .layer("ear")
          .definedBy("..core.ear..")
          .layer("check")
          .definedBy("..core.check..")
          .layer("history")
          .definedBy("..core.history..")
          .layer("visit")
          .definedBy("..core.visit..")
          .layer("cleaning")
          .definedBy("..core.cleaning..")
          .layer("stock")
          .definedBy("..core.stock..")
          .layer("solution")
          .definedBy("..core.solution..")
          .layer("suit")
          .definedBy("..core.suit..")
          .layer("plan")
          .definedBy("..core.plan..")
          .whereLayer("rule")
          .mayNotAccessAnyLayer()
          .whereLayer("measure")
          .mayOnlyAccessLayers("rule")
          .whereLayer("solution")
          .mayOnlyAccessLayers("rule", "measure")
          .whereLayer("record")
          .mayOnlyAccessLayers("rule", "measure", "solution")
          .whereLayer("ear")
          .mayOnlyAccessLayers("rule", "measure", "record")
          .whereLayer("check")
          .mayOnlyAccessLayers("rule", "measure", "record")
          .whereLayer("history")
          .mayOnlyAccessLayers("rule", "measure", "record", "check")
          .whereLayer("visit")
          .mayOnlyAccessLayers("rule", "measure", "record", "check", "history", "solution")
          .whereLayer("cleaning")
          .mayOnlyAccessLayers("rule", "measure", "record", "check", "history")
          .whereLayer("stock")
          .mayOnlyAccessLayers("rule", "measure", "record", "solution")
          .whereLayer("suit")
          .mayOnlyAccessLayers("rule", "measure", "record", "check", "history", "solution")
          .whereLayer("plan")
          .mayNotBeAccessedByAnyLayer();
}
