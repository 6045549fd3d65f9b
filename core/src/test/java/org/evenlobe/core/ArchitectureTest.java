package org.evenlobe.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;

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

  /** Each room, and those that it may know, the ground first. */
  private static final String ROOMS =
      """
      rule:
      measure: rule
      photo: rule
      remind: measure rule
      solution: measure rule
      record: measure photo rule solution
      check: measure record rule
      course: measure record rule
      ear: measure record rule
      history: check course measure record rule
      cleaning: check history measure record rule
      lesson: measure record rule
      stock: measure record rule
      suit: check history measure record rule solution
      own: check history measure record rule suit
      trend: check history measure record rule
      trial: history measure record rule trend
      plan: check cleaning course ear history measure record rule stock trial
      answer: check history measure plan record rule suit
      handover: check course ear history measure plan record rule
      round: check cleaning history measure plan record rule suit
      visit: check course history measure record rule solution trend trial
      """;

  @ArchTest static final ArchRule EVERY_ROOM_KNOWS_THOSE_ONLY = house();

  private static ArchRule house() {
    LayeredArchitecture house = layeredArchitecture().consideringOnlyDependenciesInLayers();
    List<String[]> rooms = ROOMS.lines().map(line -> line.split(":\\s*", -1)).toList();
    for (String[] room : rooms) {
      house = house.layer(room[0]).definedBy("org.evenlobe.core." + room[0] + "..");
    }
    for (String[] room : rooms) {
      house =
          room[1].isEmpty()
              ? house.whereLayer(room[0]).mayNotAccessAnyLayer()
              : house.whereLayer(room[0]).mayOnlyAccessLayers(room[1].split(" ", -1));
    }
    return house.ensureAllClassesAreContainedInArchitectureIgnoring("org.evenlobe.core");
  }
}
