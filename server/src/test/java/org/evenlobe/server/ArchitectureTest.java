package org.evenlobe.server;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.belongToAnyOf;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.check.EardrumKnown;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.suit.EarNow;
import org.evenlobe.core.suit.Reacted;
import org.evenlobe.server.fact.FactKinds;
import org.evenlobe.server.record.LocalDayMigration;
import org.springframework.web.bind.annotation.RestController;

@AnalyzeClasses(
    packages = "org.evenlobe.server",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule NO_CIRCLES_BETWEEN_NOUNS =
      slices().matching("org.evenlobe.server.(*)..").should().beFreeOfCycles();

  /** Each room, and those that it may know, the ground first. */
  private static final String ROOMS =
      """
      climate:
      problem:
      access: problem
      body: access problem
      ear: problem
      fact: access problem
      image: access problem
      mail: access
      passkey: access problem
      account: access fact mail passkey problem
      archive: access account fact image problem
      dog: access archive ear fact image problem
      record: access dog fact problem
      ask: fact problem record
      check: fact problem record
      exposure: access fact problem record
      photo: access archive fact image problem record
      lesson: access fact photo problem
      plan: access account climate fact problem record
      rule:
      site: access
      solution: access fact problem
      stock: access fact problem record solution
      cleaning: access dog fact problem record stock
      course: access account fact problem record stock
      exchange: access account dog fact plan problem record stock
      handover: cleaning exposure fact problem record
      remind: access account mail plan problem record stock
      trend: fact record
      trial: access fact problem record
      view: access account check cleaning course dog exchange handover photo plan problem record solution stock
      visit: access archive fact image problem record
      demo: access account check cleaning course dog exposure fact handover photo record solution stock trial visit
      watch:
      """;

  @ArchTest static final ArchRule EVERY_ROOM_KNOWS_THOSE_ONLY = house();

  private static ArchRule house() {
    LayeredArchitecture house = layeredArchitecture().consideringOnlyDependenciesInLayers();
    List<String[]> rooms = ROOMS.lines().map(line -> line.split(":\\s*", -1)).toList();
    for (String[] room : rooms) {
      house = house.layer(room[0]).definedBy("org.evenlobe.server." + room[0] + "..");
    }
    for (String[] room : rooms) {
      house =
          room[1].isEmpty()
              ? house.whereLayer(room[0]).mayNotAccessAnyLayer()
              : house.whereLayer(room[0]).mayOnlyAccessLayers(room[1].split(" ", -1));
    }
    return house.ensureAllClassesAreContainedInArchitectureIgnoring("org.evenlobe.server");
  }

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

  @ArchTest
  static final ArchRule NOTHING_KNOWS_THE_ANSWERS_ON_TOP =
      noClasses()
          .that()
          .resideOutsideOfPackage("..view..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("..view..");

  /** How an ear stands is one answer: nobody here asks for the parts that it is made of. */
  @ArchTest
  static final ArchRule AN_EAR_HAS_ONE_ANSWER =
      noClasses()
          .should()
          .dependOnClassesThat(
              resideInAPackage("org.evenlobe.core.check")
                  .and(
                      not(
                          belongToAnyOf(
                              Verdict.class,
                              CheckVerdict.class,
                              Hold.class,
                              MayGoIn.class,
                              EardrumKnown.class))));

  /** What suits an ear is asked of the ear as it stands, in one place. */
  @ArchTest
  static final ArchRule AN_EAR_IS_HANDED_TO_THE_BENCH_IN_ONE_PLACE =
      noClasses()
          .that()
          .doNotHaveSimpleName("EarsNow")
          .should()
          .callMethod(EarNow.class, "of", DogHistory.class, Side.class, Reacted.class);

  @ArchTest
  static final ArchRule ANSWERS_STAY_INSIDE =
      classes()
          .that()
          .resideInAPackage("..view..")
          .and()
          .areTopLevelClasses()
          .should()
          .bePackagePrivate();

  @ArchTest
  static final ArchRule FACTS_ARE_WRITTEN_WITH_THEIR_VERSIONS =
      noClasses()
          .that()
          .doNotHaveSimpleName("FactStore")
          .and()
          .doNotHaveSimpleName("FactHistories")
          .should()
          .callMethod(EntityManager.class, "persist", Object.class)
          .orShould()
          .callMethod(EntityManager.class, "merge", Object.class)
          .orShould()
          .callMethod(EntityManager.class, "remove", Object.class);

  /** What is public is used outside its package: by others, by who starts it, or by tests. */
  @ArchTest
  static final ArchRule PUBLIC_IS_WHAT_OTHERS_USE =
      classes()
          .that()
          .arePublic()
          .and()
          .areTopLevelClasses()
          .and()
          .areNotAnnotations()
          .and()
          .doNotBelongToAnyOf(EvenLobe.class, LocalDayMigration.class, FactKinds.class)
          .should(
              new ArchCondition<>("be used outside their package") {
                @Override
                public void check(JavaClass type, ConditionEvents events) {
                  boolean used =
                      type.getDirectDependenciesToSelf().stream()
                          .map(Dependency::getOriginClass)
                          .anyMatch(other -> !other.getPackageName().equals(type.getPackageName()));
                  if (!used) {
                    events.add(SimpleConditionEvent.violated(type, type.getName()));
                  }
                }
              });
}
