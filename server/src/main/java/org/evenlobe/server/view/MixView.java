package org.evenlobe.server.view;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.VolumeUnit;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Aimed;
import org.evenlobe.core.solution.Grit;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.solution.Kitchen;
import org.evenlobe.core.solution.Measure;
import org.evenlobe.core.solution.MixAnalysis;
import org.evenlobe.core.solution.Strength;
import org.evenlobe.core.suit.Nearest;
import org.evenlobe.core.suit.Offer;
import org.evenlobe.core.suit.Suitability;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.solution.AimRequest;
import org.evenlobe.server.solution.MixRequest;
import org.evenlobe.server.solution.PouredPart;
import org.evenlobe.server.stock.SupplyAnswers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is in a mix, and which ears of the household it suits; nothing of it is stored. */
@Service
class MixView {
  private final Ingredients shelf;
  private final FoldedDogs dogs;
  private final Plans plans;
  private final SupplyAnswers supplies;

  MixView(Ingredients shelf, FoldedDogs dogs, Plans plans, SupplyAnswers supplies) {
    this.shelf = shelf;
    this.dogs = dogs;
    this.plans = plans;
    this.supplies = supplies;
  }

  /**
   * What is in a mix, and whom it suits.
   *
   * @param millilitres its volume
   * @param oil mL of it that are oil
   * @param strengths what acts in it, and how strong
   * @param alcohol all its alcohol together, % v/v
   * @param ph its pH, where that can be given
   * @param boric its boric acid
   * @param salicylic its salicylic acid
   * @param keepsDays for how many days it keeps; 0 is the same day only
   * @param poured what that is in mL and g, line by line
   * @param kitchen the same in kitchen measures, where those come within 5 %
   * @param reasons how all of that came about
   * @param dogs which ears it suits
   */
  record MixPreview(
      double millilitres,
      double oil,
      List<InIt> strengths,
      Strength alcohol,
      Optional<Double> ph,
      Grit boric,
      Grit salicylic,
      int keepsDays,
      List<PouredPart> poured,
      List<KitchenPart> kitchen,
      List<Reason> reasons,
      List<SuitsDog> dogs) {}

  /**
   * So much of an ingredient by a measure.
   *
   * @param ingredient its id
   * @param measure by which
   * @param count how many of it
   */
  record KitchenPart(String ingredient, Measure measure, double count) {

    static KitchenPart of(Kitchen.Measured measured) {
      return new KitchenPart(
          measured.part().ingredient().id(), measured.measure(), measured.count());
    }
  }

  /**
   * An active in a mix.
   *
   * @param active which
   * @param strength how strong, percent
   * @param most up to how strong it may be in any ear, where there is a bound
   */
  record InIt(Active active, Strength strength, Optional<Double> most) {

    static List<InIt> of(MixAnalysis mix) {
      return mix.strengths().entrySet().stream()
          .map(one -> new InIt(one.getKey(), one.getValue(), Suitability.most(one.getKey())))
          .toList();
    }
  }

  /**
   * Whether it suits the ears of a dog.
   *
   * @param dog its id
   * @param name what it is called
   * @param ears whether it suits each
   */
  record SuitsDog(UUID dog, String name, EarPair<Suitability> ears) {

    static SuitsDog of(Offer offer, DogHistory history, EarsNow ears) {
      return new SuitsDog(
          history.dog().id(),
          history.dog().profile().name(),
          ears.of(history).map(ear -> Suitability.of(offer, ear)));
    }
  }

  /** What such a mix would be, for the dogs that are here. */
  @Transactional(readOnly = true)
  public MixPreview preview(MixRequest said) {
    Standing standing = plans.standing();
    MixAnalysis mix = MixAnalysis.of(said.toCore(shelf));
    Offer offer = Offer.mixed(mix, Boolean.TRUE.equals(said.againstYeast()));
    EarsNow ears = new EarsNow(supplies.ever(), shelf);
    return new MixPreview(
        mix.millilitres(),
        mix.oil(),
        InIt.of(mix),
        mix.alcohol(),
        mix.ph(),
        mix.boric(),
        mix.salicylic(),
        mix.keepsDays(),
        PouredPart.of(mix.mix()),
        Kitchen.of(mix.mix(), standing.how().said().volumeUnit() != VolumeUnit.ML).stream()
            .map(KitchenPart::of)
            .toList(),
        mix.reasons(),
        dogs.here(standing.today()).stream()
            .map(dog -> SuitsDog.of(offer, dog.history(), ears))
            .toList());
  }

  /**
   * What meets an aim, or comes nearest.
   *
   * @param parts what, and how much of it: mL of a liquid, g of a powder; none where nothing can be
   *     poured
   * @param isMet whether every target is met
   * @param reasons which cannot be met and why
   */
  record AimedMix(List<PouredPart> parts, boolean isMet, List<Reason> reasons) {}

  /** What meets an aim. */
  AimedMix aimed(AimRequest said) {
    Aimed found = Aimed.at(said.toCore(shelf));
    return new AimedMix(
        found.mix().map(PouredPart::of).orElse(List.of()), found.isMet(), found.reasons());
  }

  /**
   * The nearest recipe that suits an ear.
   *
   * @param parts what, and how much of it: mL of a liquid, g of a powder; none where nothing of it
   *     would suit
   * @param reasons what was changed
   */
  record NearestMix(List<PouredPart> parts, List<Reason> reasons) {}

  /**
   * The nearest recipe that suits an ear of a dog.
   *
   * @throws Refusal 404 if there is no such dog
   */
  @Transactional(readOnly = true)
  public NearestMix nearest(UUID dog, Side ear, MixRequest said) {
    DogHistory history = dogs.one(dog, plans.standing().today()).history();
    return Nearest.of(
            said.toCore(shelf),
            new EarsNow(supplies.ever(), shelf).of(history).get(ear),
            Boolean.TRUE.equals(said.againstYeast()),
            shelf.water())
        .map(found -> new NearestMix(PouredPart.of(found.mix()), found.reasons()))
        .orElse(new NearestMix(List.of(), List.of()));
  }
}
