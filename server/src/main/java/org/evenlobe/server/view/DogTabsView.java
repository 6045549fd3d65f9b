package org.evenlobe.server.view;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.ear.CanalEstimate;
import org.evenlobe.core.ear.Canals;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.Appointment;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.ExpectedExposure;
import org.evenlobe.core.record.HairDone;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.stock.SupplyAnswers;
import org.evenlobe.server.view.EarsNow.ReactionMark;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stands below a dog's plan, each part asked for when it is opened. */
@Service
class DogTabsView {
  private static final int LAST_FEW = 6;

  private static final int TOLD_DAYS = 42;

  private final FoldedDogs folded;
  private final SupplyAnswers supplies;
  private final Ingredients shelf;

  DogTabsView(FoldedDogs folded, SupplyAnswers supplies, Ingredients shelf) {
    this.folded = folded;
    this.supplies = supplies;
    this.shelf = shelf;
  }

  /**
   * What is on record beside the cleanings.
   *
   * @param hair when its hair was seen to, the last few times, oldest first
   * @param told what those said who had it for a while, of the last six weeks, the latest first
   * @param reactions what it has reacted to, oldest first
   */
  record RecordTab(List<HairDone> hair, List<Told> told, List<ReactionMark> reactions) {}

  /**
   * What the latest check said.
   *
   * @param latest its verdict, where there is one
   * @param checkedOn the day of that check
   * @param visitedSince the day of a visit or call after it, where there was one
   * @param cleanedSince the day of a cleaning after it, where there was one
   */
  record ChecksTab(
      Optional<CheckVerdict> latest,
      Optional<LocalDate> checkedOn,
      Optional<LocalDate> visitedSince,
      Optional<LocalDate> cleanedSince) {}

  /**
   * When a vet sees it.
   *
   * @param appointments from today on
   */
  record VisitsTab(List<Appointment> appointments) {}

  /**
   * What gets into its ears.
   *
   * @param expected what is expected to happen to them again and again
   */
  record WaterTab(List<ExpectedExposure> expected) {}

  /**
   * What stands inside its ears.
   *
   * @param canals what its canals hold, where its weight is known
   */
  record InsideTab(Optional<EarPair<CanalEstimate>> canals) {}

  /**
   * The record's part.
   *
   * @throws Refusal 404 if there is no such dog; so do all others
   */
  @Transactional(readOnly = true)
  public RecordTab record(UUID id, Standing standing) {
    DogRecord record = folded.one(id, standing.today()).record();
    List<HairDone> hair = record.all(HairDone.class);
    LocalDate since = standing.today().minusDays(TOLD_DAYS);
    return new RecordTab(
        hair.subList(Math.max(0, hair.size() - LAST_FEW), hair.size()),
        record.all(Told.class).stream()
            .filter(told -> !told.day().isBefore(since))
            .sorted(Dated.BY_TIME.reversed())
            .toList(),
        new EarsNow(supplies.ever(), shelf).reactions(record));
  }

  @Transactional(readOnly = true)
  public ChecksTab checks(UUID id, Standing standing) {
    DogHistory history = folded.one(id, standing.today()).history();
    Optional<CheckRecord> latest = history.latest().map(AssessedCheck::check);
    Optional<LocalDate> visited = visitedSince(history);
    return new ChecksTab(
        visited.isPresent() ? asItSaid(history) : history.latestVerdict(),
        latest.map(CheckRecord::day),
        visited,
        since(latest, history.dog().cleanings()));
  }

  @Transactional(readOnly = true)
  public VisitsTab visits(UUID id, Standing standing) {
    return new VisitsTab(
        folded.one(id, standing.today()).record().all(Appointment.class).stream()
            .filter(made -> !made.on().isBefore(standing.today()))
            .toList());
  }

  @Transactional(readOnly = true)
  public WaterTab water(UUID id, Standing standing) {
    return new WaterTab(folded.one(id, standing.today()).record().all(ExpectedExposure.class));
  }

  @Transactional(readOnly = true)
  public InsideTab inside(UUID id, Standing standing) {
    return new InsideTab(Canals.of(folded.one(id, standing.today()).record(), standing.today()));
  }

  /** The day of a visit or call after the latest check, where there was one. */
  static Optional<LocalDate> visitedSince(DogHistory history) {
    return since(history.latest().map(AssessedCheck::check), history.visits());
  }

  /** What the latest check said when it was recorded, without what has happened since. */
  private static Optional<CheckVerdict> asItSaid(DogHistory history) {
    return history
        .latest()
        .flatMap(latest -> DogHistory.upTo(history.dog(), latest.check()).latestVerdict());
  }

  /** The day of the last of those facts, where it came after the check. */
  private static Optional<LocalDate> since(
      Optional<CheckRecord> check, List<? extends Dated> facts) {
    return check
        .filter(looked -> !facts.isEmpty())
        .filter(looked -> Dated.BY_TIME.compare(facts.get(facts.size() - 1), looked) > 0)
        .map(looked -> facts.get(facts.size() - 1).day());
  }
}
