package org.evenlobe.server.view;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.plan.Agenda;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.even.EvenedPlans.Unplaced;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.ExpectedExposure;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.stock.StockOutlook;
import org.evenlobe.core.stock.StockOutlook.SupplyRest;
import org.evenlobe.server.dog.Pictures;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Planned;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.record.FoldedDogs.Folded;
import org.evenlobe.server.view.RibbonMarks.CheckMark;
import org.evenlobe.server.view.RibbonMarks.CourseMark;
import org.evenlobe.server.view.RibbonMarks.VisitMark;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What to do now in a household, and how each dog stands. */
@Service
class TodayView {
  /** What runs out within that is said on Today. */
  private static final int SOON_DAYS = 14;

  private static final int SHOWN_DAYS = 35;

  private final Plans plans;
  private final Pictures pictures;
  private final StockView stock;

  TodayView(Plans plans, Pictures pictures, StockView stock) {
    this.plans = plans;
    this.pictures = pictures;
    this.stock = stock;
  }

  /**
   * What to do now, and how each dog stands.
   *
   * @param today the day in the household's zone
   * @param zone that zone
   * @param agenda what to do, the most pressing first
   * @param dogs all dogs, by name
   * @param runningOut what is in the house for less than two weeks of the plan
   * @param expiring the bottles and packs whose last day comes within five weeks, or has gone by
   * @param unplaced the cleanings that no day has room for
   */
  record Today(
      LocalDate today,
      ZoneId zone,
      List<Agenda.Line> agenda,
      List<DogToday> dogs,
      List<StockOutlook> runningOut,
      List<SupplyRest> expiring,
      List<Unplaced> unplaced) {}

  /**
   * How one dog stands.
   *
   * @param id its id
   * @param profile who it is
   * @param picture when its picture was sent, where it has one
   * @param recent its cleanings of the last six weeks
   * @param checks its checks of the last six weeks
   * @param visits its visits of the last six weeks
   * @param exposures what happened to its ears in the last six weeks
   * @param courses its courses of medicine, as a ribbon shows them
   * @param expected what is expected to happen to them again and again
   * @param plan what is planned
   */
  record DogToday(
      UUID id,
      DogProfile profile,
      Optional<Instant> picture,
      List<CleaningRecord> recent,
      List<CheckMark> checks,
      List<VisitMark> visits,
      List<Exposure> exposures,
      List<CourseMark> courses,
      List<ExpectedExposure> expected,
      PlanMarks plan) {}

  /** The current household's dogs today. */
  @Transactional(readOnly = true)
  public Today today(Standing standing) {
    Planned planned = plans.planned(standing);
    Map<UUID, Instant> sent = pictures.sentAt();
    List<DogToday> dogs = new ArrayList<>();
    for (int i = 0; i < planned.dogs().size(); i++) {
      Folded dog = planned.dogs().get(i);
      dogs.add(standing(dog, sent.get(dog.said().id()), planned.evened().plans().get(i)));
    }
    List<StockOutlook> outlooks = stock.outlooks(planned, standing);
    List<StockOutlook> runningOut =
        outlooks.stream()
            .filter(kind -> !kind.supplies().isEmpty())
            .filter(kind -> kind.runsOutBy(standing.today().plusDays(SOON_DAYS)))
            .toList();
    return new Today(
        standing.today(),
        standing.zone(),
        Agenda.lines(planned.evened().plans()),
        dogs,
        runningOut,
        expiring(outlooks, standing.today()),
        planned.evened().unplaced());
  }

  private static List<SupplyRest> expiring(List<StockOutlook> outlooks, LocalDate today) {
    LocalDate until = today.plusDays(SHOWN_DAYS);
    return outlooks.stream()
        .flatMap(outlook -> outlook.supplies().stream())
        .filter(rest -> rest.left() > 0)
        .filter(rest -> rest.useBy().filter(day -> !day.isAfter(until)).isPresent())
        .toList();
  }

  private static DogToday standing(Folded dog, @Nullable Instant pictured, DogPlan plan) {
    RibbonMarks marks = RibbonMarks.of(dog.history());
    return new DogToday(
        plan.dogId(),
        dog.record().profile(),
        Optional.ofNullable(pictured),
        marks.cleanings(),
        marks.checks(),
        marks.visits(),
        marks.exposures(),
        marks.courses(),
        dog.record().all(ExpectedExposure.class),
        PlanMarks.of(plan));
  }
}
