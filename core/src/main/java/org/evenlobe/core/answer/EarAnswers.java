package org.evenlobe.core.answer;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.answer.EarAnswer.BottleAnswer;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.MixSchool;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.suit.Bottles;
import org.evenlobe.core.suit.Bottles.Wish;
import org.evenlobe.core.suit.EarNow;
import org.evenlobe.core.suit.Offer;
import org.evenlobe.core.suit.Reacted;
import org.evenlobe.core.suit.Suitability;

/**
 * Puts the answer for each ear together (rule CHECK_MAY_GO_IN): how it stands from the history,
 * whether its cleaning pours from that and the household's ways, its bottles from the rows on what
 * suits, what is next from the plan.
 */
public final class EarAnswers {

  private EarAnswers() {}

  /**
   * What is in the house, and how it is used.
   *
   * @param there the bottles that are there
   * @param reacted what the dog has reacted to
   * @param ways how the household cleans
   */
  public record House(List<Supply> there, Reacted reacted, CleaningWays ways) {
    public House {
      there = List.copyOf(there);
    }
  }

  /** The answers for both ears of a dog. */
  public static EarPair<EarAnswer> of(DogHistory history, DogPlan plan, House house) {
    return EarPair.bySide(side -> of(history, plan, house, side));
  }

  private static EarAnswer of(DogHistory history, DogPlan plan, House house, Side side) {
    EarStands stands = history.ear(side);
    CleaningWays ways = house.ways().with(history.dog().profile().ways());
    boolean pours = pours(stands, ways);
    EarNow now = EarNow.of(history, side, house.reacted());
    Bottles bottles = Bottles.of(house.there(), history.today());
    Wish wish = new Wish(now, pours, wasWet(history), ways.mixing() == MixSchool.HOME_MIXED);
    return new EarAnswer(
        stands,
        pours,
        bottles.layOut(wish),
        house.there().stream()
            .filter(supply -> supply.kind() == Supply.Kind.CLEANER)
            .map(supply -> answer(supply, now, pours, history))
            .sorted(
                Comparator.comparing((BottleAnswer one) -> one.suits())
                    .thenComparing(one -> one.supply().id()))
            .toList(),
        first(plan, PlanItem.Kind.CLEAN, side),
        plan.items().stream().filter(item -> item.kind().isLook()).findFirst(),
        first(plan, PlanItem.Kind.VISIT, side),
        plan.items().stream()
            .filter(item -> item.kind() == PlanItem.Kind.ASK && item.ears().contains(side))
            .flatMap(item -> item.reasons().stream())
            .toList());
  }

  /** Whether its cleaning pours: by its order, else by the household's way, where that may be. */
  public static boolean pours(EarStands stands, CleaningWays ways) {
    CleaningMethod method =
        stands
            .ordersCleaning()
            .map(VetOrder::instruction)
            .flatMap(said -> said.method())
            .orElse(ways.method());
    return stands.mayGoIn() == MayGoIn.IN_EAR && method.inCanal();
  }

  private static BottleAnswer answer(Supply supply, EarNow now, boolean pours, DogHistory history) {
    Suitability answers = Suitability.of(Offer.of(supply, history.today()), now);
    return new BottleAnswer(supply, answers.answer(pours).suits(), answers);
  }

  private static boolean wasWet(DogHistory history) {
    return history.wet().wasWetLately(history.today());
  }

  private static Optional<PlanItem> first(DogPlan plan, PlanItem.Kind kind, Side side) {
    return plan.items().stream()
        .filter(item -> item.kind() == kind && item.ears().contains(side))
        .findFirst();
  }
}
