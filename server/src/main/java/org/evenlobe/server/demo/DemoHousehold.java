package org.evenlobe.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.ExpectedExposure;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.MadeFor;
import org.evenlobe.core.record.MixSchool;
import org.evenlobe.core.record.Practice;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.record.Taker;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Measure;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.account.Accounts;
import org.evenlobe.server.account.HouseholdSettings;
import org.evenlobe.server.account.SettingsRequest;
import org.evenlobe.server.account.SettingsRequest.CapacityRequest;
import org.evenlobe.server.check.CheckRequest;
import org.evenlobe.server.check.CheckRequest.CheckedEarsRequest;
import org.evenlobe.server.check.CheckRequest.DogSignsRequest;
import org.evenlobe.server.check.CheckRequest.EarFindingRequest;
import org.evenlobe.server.check.CheckRequest.LumpRequest;
import org.evenlobe.server.cleaning.CleaningRequest;
import org.evenlobe.server.cleaning.CleaningRequest.CleanedEarsRequest;
import org.evenlobe.server.cleaning.CleaningRequest.EarCleaningRequest;
import org.evenlobe.server.cleaning.PracticeRequest;
import org.evenlobe.server.exposure.ExpectedExposureRequest;
import org.evenlobe.server.exposure.ExpectedExposureRequest.YearDayRequest;
import org.evenlobe.server.exposure.ExposureRequest;
import org.evenlobe.server.fact.FactKeeping;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.handover.ToldRequest;
import org.evenlobe.server.handover.ToldRequest.ToldEarRequest;
import org.evenlobe.server.handover.ToldRequest.ToldEarsRequest;
import org.evenlobe.server.photo.Images;
import org.evenlobe.server.solution.MixRequest.PartRequest;
import org.evenlobe.server.solution.RecipeRequest;
import org.evenlobe.server.stock.SupplyRequest;
import org.evenlobe.server.stock.SupplyRequest.BatchRequest;
import org.evenlobe.server.stock.SupplyRequest.LabelRequest;
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
  private final FactKeeping facts;
  private final HouseholdSettings settings;
  private final DemoRecords kept;
  private final HouseholdDay day;
  private final Planner planner;
  private final Images images;
  private final DemoDiary diary;

  DemoHousehold(
      Accounts accounts,
      FactKeeping facts,
      HouseholdSettings settings,
      DemoRecords kept,
      HouseholdDay day,
      Planner planner,
      Images images) {
    this.accounts = accounts;
    this.facts = facts;
    this.settings = settings;
    this.kept = kept;
    this.day = day;
    this.planner = planner;
    this.images = images;
    this.diary = new DemoDiary(planner, ZONE);
  }

  @Override
  public void run(ApplicationArguments arguments) {
    CurrentMember.run(WARDEN, this::fill);
  }

  private void fill() {
    LocalDate today = day.today(ZONE);
    if (accounts.exists(EMAIL)) {
      for (UUID dog : kept.here()) {
        for (DemoDog demo : DemoDog.values()) {
          if (demo.id().equals(dog)) {
            addMissingDays(demo, today);
          }
        }
      }
    } else {
      accounts.register("Marsh warden", EMAIL, PASSWORD, "Saltmarsh Boarding", ZONE);
      accounts.confirmAddress(WARDEN.person());
      for (DemoDog dog : DemoDog.values()) {
        begin(dog, today);
      }
      lay(today);
      settle();
    }
    LOG.info("demo household filled up to {}", today);
  }

  private void addMissingDays(DemoDog dog, LocalDate today) {
    DogRecord record = kept.one(dog.id());
    LocalDate until = today.minusDays(DAYS_LEFT_OPEN);
    List<CheckRecord> missing =
        record.checks().isEmpty()
            ? List.of()
            : new DemoChecks(ZONE)
                .missing(dog, record.checks().get(record.checks().size() - 1).day(), until);
    missing.forEach(check -> facts.put(check.id(), Precondition.isNew(), said(dog, check)));
    List<CheckRecord> all = new ArrayList<>(record.checks());
    all.addAll(missing);
    DogRecord checked = record.with(CheckRecord.class, all);
    record(checked, diary.continued(dog, checked, until));
    dose(dog, today);
    practise(dog, today);
  }

  /** Nobody has looked since. */
  private static ToldRequest toldByTheSitter(DemoDog dog, LocalDate day) {
    return new ToldRequest(
        dog.id(),
        day.atTime(18, 0).atZone(ZONE).toInstant(),
        ZONE,
        "Ines next door",
        Taker.SITTER,
        List.of(),
        List.of(),
        null,
        null,
        new ToldEarsRequest(
            ToldEarRequest.NOTHING,
            new ToldEarRequest(List.of(Told.Seen.SMELL), false, null, null)),
        null,
        null);
  }

  private void begin(DemoDog dog, LocalDate today) {
    LocalDate joined = today.minusDays(dog.daysHere());
    facts.put(dog.id(), Precondition.isNew(), dog.said(joined));
    for (CheckRecord check : new DemoChecks(ZONE).begun(dog, joined, today)) {
      facts.put(check.id(), Precondition.isNew(), said(dog, check));
    }
    for (DemoVisits.DemoVisit visit : new DemoVisits(ZONE).of(dog, today)) {
      facts.put(visit.id(), Precondition.isNew(), visit.said());
    }
    new DemoCourses(ZONE)
        .of(dog, today)
        .forEach(course -> facts.put(course.id(), Precondition.isNew(), course.said()));
    for (DemoPhotos.DemoPhoto photo : new DemoPhotos(ZONE).of(dog, today)) {
      images.put(photo.said().imageId(), photo.picture().jpeg());
      facts.put(photo.id(), Precondition.isNew(), photo.said());
    }
    new DemoTrials(ZONE)
        .of(dog, today)
        .forEach(one -> facts.put(one.id(), Precondition.isNew(), one.said()));
    dose(dog, today);
    practise(dog, today);
    if (dog == DemoDog.SEDGE) {
      facts.put(dog.toldId(), Precondition.isNew(), toldByTheSitter(dog, today.minusDays(1)));
    }
    if (dog == DemoDog.OTTER) {
      swims(dog, today.minusDays(421), today.minusDays(421));
      swims(dog, today.minusDays(391), today.minusDays(391));
      swims(dog, today.minusDays(84), today.minusDays(79));
      swims(dog, today.minusDays(29), today.minusDays(29));
      swims(dog, today.minusDays(8), today.minusDays(7));
      swimsOnSaturdays(dog, today.minusDays(7));
    }
    DogRecord empty = kept.one(dog.id());
    DogRecord best = empty;
    long bestMiss = Long.MAX_VALUE;
    for (int first = 0; first < FIRST_DAYS_TRIED && bestMiss > 0; first++) {
      DogRecord later = joinedLater(empty, joined.plusDays(first));
      DogRecord tried = diary.continued(dog, later, today.minusDays(1));
      long miss = miss(dog, tried, today);
      if (miss < bestMiss) {
        best = tried;
        bestMiss = miss;
      }
    }
    record(empty, best);
  }

  /** The doses of yesterday and before; those of today are left for whoever tries the demo. */
  private void dose(DemoDog dog, LocalDate today) {
    new DemoCourses(ZONE)
        .missing(dog, kept.one(dog.id()), today)
        .forEach(giving -> facts.put(giving.id(), Precondition.isNew(), giving.said()));
  }

  private void practise(DemoDog dog, LocalDate today) {
    DogRecord record = kept.one(dog.id());
    for (Practice practice : new DemoPractices(ZONE).missing(dog, record, today)) {
      facts.put(
          practice.id(),
          Precondition.isNew(),
          new PracticeRequest(
              dog.id(),
              practice.at(),
              practice.moment().zone(),
              practice.rung(),
              practice.handled()));
    }
  }

  /** Two bottles and a pack, counted four weeks ago. */
  private void lay(LocalDate today) {
    Instant counted = today.minusDays(28).atTime(10, 0).atZone(ZONE).toInstant();
    facts.put(
        id("bottle"),
        Precondition.isNew(),
        new SupplyRequest(
            Supply.Kind.CLEANER,
            "Gentle cleaner, the green bottle",
            CleanerKind.GENTLE,
            250.0,
            150.0,
            counted,
            today.minusDays(40),
            new LabelRequest(Map.of(Active.GLYCERINE, 3.0), 6.5, 90, null, MadeFor.DOGS_EARS),
            null,
            14.5));
    facts.put(
        id("second bottle"),
        Precondition.isNew(),
        new SupplyRequest(
            Supply.Kind.CLEANER,
            "Drying, for after the creek",
            CleanerKind.DRYING,
            120.0,
            120.0,
            counted,
            null,
            new LabelRequest(
                Map.of(Active.ACETIC_ACID, 0.8, Active.ISOPROPYL, 8.0),
                3.4,
                60,
                null,
                MadeFor.DOGS_EARS),
            null,
            11.9));
    facts.put(
        id("jar"),
        Precondition.isNew(),
        new SupplyRequest(
            Supply.Kind.CLEANER,
            "The jar from the harbour market",
            null,
            100.0,
            90.0,
            counted,
            null,
            null,
            null,
            null));
    facts.put(
        id("pads"),
        Precondition.isNew(),
        new SupplyRequest(
            Supply.Kind.WIPES,
            "Cotton pads",
            null,
            120.0,
            74.0,
            counted,
            today.minusDays(30),
            null,
            null,
            2.4));
    facts.put(
        id("recipe"),
        Precondition.isNew(),
        new RecipeRequest("Creek rinse", rinse(), "After salt water, for the three that take it."));
    facts.put(
        id("batch"),
        Precondition.isNew(),
        new SupplyRequest(
            Supply.Kind.CLEANER,
            "Creek rinse",
            null,
            120.0,
            120.0,
            today.minusDays(27).atTime(10, 0).atZone(ZONE).toInstant(),
            today.minusDays(27),
            null,
            new BatchRequest(rinse(), today.minusDays(27), id("recipe"), 1),
            null));
  }

  private static List<PartRequest> rinse() {
    return List.of(
        new PartRequest("white-vinegar", 48.0, Measure.MILLILITRE, null, null),
        new PartRequest("water", 72.0, Measure.MILLILITRE, null, null));
  }

  private void swims(DemoDog dog, LocalDate firstDay, LocalDate lastDay) {
    ExposureRequest swim =
        new ExposureRequest(
            dog.id(),
            lastDay.atTime(19, 0).atZone(ZONE).toInstant(),
            ZONE,
            ExposureKind.SWIM,
            firstDay,
            lastDay);
    facts.put(dog.swimId(firstDay), Precondition.isNew(), swim);
  }

  /** From then on it is expected; the last Saturday has not been confirmed. */
  private void swimsOnSaturdays(DemoDog dog, LocalDate from) {
    facts.put(
        id("saturdays"),
        Precondition.isNew(),
        new ExpectedExposureRequest(
            dog.id(),
            from.atTime(12, 0).atZone(ZONE).toInstant(),
            ZONE,
            ExposureKind.SWIM,
            Set.of(DayOfWeek.SATURDAY),
            new YearDayRequest(1, 1),
            new YearDayRequest(12, 31)));
  }

  /** Two hands: two dogs on a weekday, one at the weekend; and the marsh's latitude. */
  private void settle() {
    SettingsRequest is = settings.get().said();
    facts.put(
        CurrentMember.household(),
        Precondition.of(null, "\"1\""),
        new SettingsRequest(
            is.name(),
            is.zone(),
            is.volumeUnit(),
            is.weightUnit(),
            is.hours(),
            is.facing(),
            is.method(),
            is.swabs(),
            is.wipes(),
            is.hair(),
            is.hairWeeks(),
            is.medicineWait(),
            MixSchool.HOME_MIXED,
            is.massageSeconds(),
            is.scheduling(),
            is.fixedDays(),
            is.namedDays(),
            is.alwaysAfterWater(),
            is.grooming(),
            null,
            new CapacityRequest(List.of(2, 2, 2, 2, 2, 1, 1), Set.of(), Set.of(), Set.of()),
            null,
            true,
            false,
            false,
            is.dayOrder()));
  }

  private static DogRecord joinedLater(DogRecord dog, LocalDate day) {
    return DogRecord.of(dog.id(), dog.profile(), day)
        .with(CheckRecord.class, dog.checks())
        .with(VisitRecord.class, dog.visits())
        .with(Practice.class, dog.all(Practice.class))
        .with(Exposure.class, dog.all(Exposure.class))
        .with(ExpectedExposure.class, dog.all(ExpectedExposure.class));
  }

  /** How far the next date is from where the dog's example asks for it. */
  private long miss(DemoDog dog, DogRecord record, LocalDate today) {
    List<PlanItem> items = planner.plan(record, Preferences.DEFAULT, today).cleanings();
    return items.isEmpty()
        ? 0
        : Math.abs(ChronoUnit.DAYS.between(today, items.get(0).window().best()) - dog.daysToNext());
  }

  private void record(DogRecord before, DogRecord after) {
    for (CleaningRecord cleaning : after.cleanings()) {
      if (!before.cleanings().contains(cleaning)) {
        facts.put(cleaning.id(), Precondition.isNew(), said(before.id(), cleaning));
      }
    }
  }

  private static CleaningRequest said(UUID dogId, CleaningRecord cleaning) {
    return new CleaningRequest(
        dogId,
        cleaning.at(),
        cleaning.moment().zone(),
        new CleanedEarsRequest(
            cleaning.ears().right().map(DemoHousehold::said).orElse(null),
            cleaning.ears().left().map(DemoHousehold::said).orElse(null)),
        cleaning.manner().handled().orElse(null),
        cleaning.manner().seconds().orElse(null),
        cleaning.manner().cleaner().orElse(null),
        cleaning.note().orElse(null));
  }

  private static CheckRequest said(DemoDog dog, CheckRecord check) {
    return new CheckRequest(
        dog.id(),
        check.at(),
        check.moment().zone(),
        new CheckedEarsRequest(said(check.ears().right()), said(check.ears().left())),
        said(check.dog()),
        check.note().orElse(null));
  }

  private static EarFindingRequest said(EarFinding ear) {
    return new EarFindingRequest(
        ear.redness(),
        ear.swelling(),
        ear.sores(),
        ear.discharge(),
        ear.dischargeKind(),
        ear.odour(),
        ear.pain(),
        List.copyOf(ear.seen()),
        ear.hearing(),
        ear.lump().map(lump -> new LumpRequest(lump.place(), lump.millimetres())).orElse(null),
        ear.couldLook());
  }

  private static DogSignsRequest said(DogSigns signs) {
    return new DogSignsRequest(
        signs.shaking(),
        signs.scratching(),
        signs.pawed().orElse(null),
        signs.onset().orElse(null),
        signs.headTilt(),
        signs.balanceLoss(),
        signs.eyesFlicking(),
        signs.faceDrooping(),
        signs.unwell(),
        signs.blowToHead(),
        signs.itchyPawsOrBelly(),
        signs.seedSeason(),
        signs.itchingContacts());
  }

  private static EarCleaningRequest said(EarCleaning ear) {
    return new EarCleaningRequest(
        ear.method(),
        ear.load().grade(),
        ear.poured().map(Volume::millilitres).orElse(null),
        ear.poured().isPresent() ? ear.fills() : null,
        ear.seen().wipes().orElse(null),
        ear.seen().squelched().orElse(null),
        ear.seen().colour().orElse(null),
        ear.seen().odour().orElse(null),
        ear.seen().cameBack().map(Volume::millilitres).orElse(null),
        ear.seen().hurt().orElse(null));
  }

  private static UUID id(String what) {
    return UUID.nameUUIDFromBytes(("demo " + what).getBytes(StandardCharsets.UTF_8));
  }
}
