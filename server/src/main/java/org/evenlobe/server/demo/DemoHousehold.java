package org.evenlobe.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.plan.PlanItem;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.account.Accounts;
import org.evenlobe.server.cleaning.CleaningKeeping;
import org.evenlobe.server.cleaning.CleaningRequest;
import org.evenlobe.server.cleaning.CleaningRequest.CleanedEarsRequest;
import org.evenlobe.server.cleaning.CleaningRequest.EarCleaningRequest;
import org.evenlobe.server.dog.DogKeeping;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.plan.HouseholdPlans;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * Fills the demo household through the same services as a person: 14 months at first, and at later
 * starts the days that are missing since.
 */
@Component
@ConditionalOnProperty("evenlobe.demo")
class DemoHousehold implements ApplicationRunner {
  static final String EMAIL = "warden@marsh.example";
  static final String PASSWORD = "saltmarsh-at-dawn";

  private static final Logger LOG = LoggerFactory.getLogger(DemoHousehold.class);
  private static final ZoneId ZONE = ZoneId.of("Europe/London");
  private static final Member WARDEN = new Member(id("household"), id("warden"), Role.OWNER);

  /** What came due in the last days is left for whoever tries the demo. */
  private static final int DAYS_LEFT_OPEN = 4;

  /** First days among which one is looked for whose diary ends as the dog's example asks. */
  private static final int FIRST_DAYS_TRIED = 40;

  private final Accounts accounts;
  private final DogKeeping dogs;
  private final CleaningKeeping cleanings;
  private final HouseholdPlans plans;
  private final HouseholdDay day;
  private final Planner planner;
  private final DemoDiary diary;

  DemoHousehold(
      Accounts accounts,
      DogKeeping dogs,
      CleaningKeeping cleanings,
      HouseholdPlans plans,
      HouseholdDay day,
      Planner planner) {
    this.accounts = accounts;
    this.dogs = dogs;
    this.cleanings = cleanings;
    this.plans = plans;
    this.day = day;
    this.planner = planner;
    this.diary = new DemoDiary(planner, ZONE);
  }

  @Override
  public void run(ApplicationArguments arguments) {
    CurrentMember.run(WARDEN, this::fill);
  }

  private void fill() {
    LocalDate today = day.today(ZONE);
    if (accounts.exists(EMAIL)) {
      for (HouseholdPlans.DogToday dog : plans.today().dogs()) {
        for (DemoDog demo : DemoDog.values()) {
          if (demo.id().equals(dog.id())) {
            addMissingDays(demo, today);
          }
        }
      }
    } else {
      accounts.register("Marsh warden", EMAIL, PASSWORD, "Saltmarsh Boarding", ZONE);
      for (DemoDog dog : DemoDog.values()) {
        begin(dog, today);
      }
    }
    LOG.info("demo household filled up to {}", today);
  }

  private void addMissingDays(DemoDog dog, LocalDate today) {
    DogRecord record = plans.dog(dog.id()).dog();
    record(record, diary.continued(dog, record, today.minusDays(DAYS_LEFT_OPEN)));
  }

  private void begin(DemoDog dog, LocalDate today) {
    LocalDate joined = today.minusDays(dog.daysHere());
    dogs.put(dog.id(), Precondition.isNew(), dog.said(joined));
    DogRecord empty = new DogRecord(dog.id(), dog.said(joined).toCore(), joined, List.of());
    DogRecord best = empty;
    long bestMiss = Long.MAX_VALUE;
    for (int first = 0; first < FIRST_DAYS_TRIED && bestMiss > 0; first++) {
      DogRecord later = new DogRecord(dog.id(), empty.profile(), joined.plusDays(first), List.of());
      DogRecord tried = diary.continued(dog, later, today.minusDays(1));
      long miss = miss(dog, tried, today);
      if (miss < bestMiss) {
        best = tried;
        bestMiss = miss;
      }
    }
    record(empty, best);
  }

  /** How far the next date is from where the dog's example asks for it. */
  private long miss(DemoDog dog, DogRecord record, LocalDate today) {
    List<PlanItem> items = planner.plan(record, Preferences.DEFAULT, today).items();
    return items.isEmpty()
        ? 0
        : Math.abs(ChronoUnit.DAYS.between(today, items.get(0).window().best()) - dog.daysToNext());
  }

  private void record(DogRecord before, DogRecord after) {
    for (CleaningRecord cleaning : after.cleanings()) {
      if (!before.cleanings().contains(cleaning)) {
        cleanings.put(cleaning.id(), Precondition.isNew(), said(before.id(), cleaning));
      }
    }
  }

  private static CleaningRequest said(UUID dogId, CleaningRecord cleaning) {
    return new CleaningRequest(
        dogId,
        cleaning.at(),
        cleaning.zone(),
        new CleanedEarsRequest(
            cleaning.ears().right().map(DemoHousehold::said).orElse(null),
            cleaning.ears().left().map(DemoHousehold::said).orElse(null)),
        cleaning.note().orElse(null));
  }

  private static EarCleaningRequest said(EarCleaning ear) {
    return new EarCleaningRequest(
        ear.method(),
        ear.load().grade(),
        ear.poured().map(Volume::millilitres).orElse(null),
        ear.poured().isPresent() ? ear.fills() : null);
  }

  private static UUID id(String what) {
    return UUID.nameUUIDFromBytes(("demo " + what).getBytes(StandardCharsets.UTF_8));
  }
}
