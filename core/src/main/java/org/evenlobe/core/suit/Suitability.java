package org.evenlobe.core.suit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.Named;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Ingredient;
import org.evenlobe.core.solution.MixAnalysis;
import org.evenlobe.core.solution.Part;
import org.evenlobe.core.solution.Strength;

/**
 * Whether a mix suits an ear, on the pad and poured in: every rule gives its answer with its
 * reason, and the worst stands. Where an ear may only be wiped the two differ. For example vinegar
 * and water in equal parts: OK for a quiet ear, NO for a red one.
 *
 * @param onPad on the pad, for what one sees
 * @param inEar into the ear
 */
public record Suitability(SuitsAnswer onPad, SuitsAnswer inEar) {

  /** The one for what is poured in, or for what is put on the pad. */
  public SuitsAnswer answer(boolean poured) {
    return poured ? inEar : onPad;
  }

  /**
   * One of the two.
   *
   * @param suits whether it does
   * @param reasons why, the worst first; none where it does
   */
  public record SuitsAnswer(Suits suits, List<Because> reasons) {

    static SuitsAnswer of(List<Because> reasons) {
      List<Because> worstFirst =
          reasons.stream().sorted(Comparator.comparing(Because::suits).reversed()).toList();
      return new SuitsAnswer(
          reasons.stream().map(Because::suits).reduce(Suits.OK, Suits::or), worstFirst);
    }

    public SuitsAnswer {
      reasons = List.copyOf(reasons);
    }
  }

  /**
   * One reason.
   *
   * @param suits what it makes of it
   * @param reason the rule that spoke, and its sentence
   */
  public record Because(Suits suits, Reason reason) {}

  /** What harms the inner ear where the eardrum is torn. */
  private static final List<Active> HARM_INSIDE =
      List.of(
          Active.ETHANOL,
          Active.ISOPROPYL,
          Active.ACETIC_ACID,
          Active.CITRIC_ACID,
          Active.BORIC_ACID,
          Active.SALICYLIC_ACID,
          Active.CHLORHEXIDINE,
          Active.IODINE,
          Active.GLYCOL,
          Active.DYE,
          Active.PEROXIDE);

  /** What may harm a litter. */
  private static final List<Active> HARM_A_LITTER =
      List.of(Active.BORIC_ACID, Active.IODINE, Active.SALICYLIC_ACID);

  static final double BURNS_ACETIC = 1;
  static final double BURNS_ALCOHOL = 10;
  static final double BURNS_PH = 2.7;
  static final double BROKEN_BORIC = 0.5;
  static final double MUCH_ALCOHOL = 25;
  private static final double TOO_MUCH_ALCOHOL = 60;
  static final double MUCH_ACETIC = 2.5;
  private static final double TOO_MUCH_ACETIC = 4;
  static final double MUCH_SALT = 1.5;

  /** What never goes into an ear, whoever sells it. */
  private static final List<Active> NEVER =
      List.of(Active.ESSENTIAL_OIL, Active.BLEACH, Active.SOAP);

  private static final double WEAK_ACETIC = 0.1;
  static final double WORKS_ACETIC = 1;
  static final double MOST_BORIC = 5;
  private static final double MOST_PEROXIDE = 1.5;
  static final double MOST_CHLORHEXIDINE = 0.2;
  static final double MOST_IODINE = 1;
  static final double MOST_SALICYLIC = 2;
  static final double MOST_GLYCOL = 50;
  static final double SOUREST = 2.3;
  private static final double MOST_ALKALINE = 9;

  /** Up to how strong an active may be in any ear, percent; empty where the table sets no bound. */
  public static Optional<Double> most(Active active) {
    return switch (active) {
      case ACETIC_ACID -> Optional.of(MUCH_ACETIC);
      case ETHANOL, ISOPROPYL -> Optional.of(MUCH_ALCOHOL);
      case BORIC_ACID -> Optional.of(MOST_BORIC);
      case PEROXIDE -> Optional.of(MOST_PEROXIDE);
      case CHLORHEXIDINE -> Optional.of(MOST_CHLORHEXIDINE);
      case IODINE -> Optional.of(MOST_IODINE);
      case SALICYLIC_ACID -> Optional.of(MOST_SALICYLIC);
      case GLYCOL -> Optional.of(MOST_GLYCOL);
      default -> Optional.empty();
    };
  }

  /** What is offered, for an ear. */
  public static Suitability of(Offer offer, EarNow ear) {
    List<Because> rows = new ArrayList<>();
    new Rows(offer, offer.contents(), ear, rows).all();
    List<Because> pad = new ArrayList<>(rows);
    List<Because> in = new ArrayList<>(rows);
    if (ear.mayGoIn() == MayGoIn.NONE) {
      Because nothing =
          no(Rule.SUITS_MAY_GO_IN, "Nothing may go into this ear but what your vet said.");
      pad.add(nothing);
      in.add(nothing);
    } else if (ear.mayGoIn() == MayGoIn.WIPE) {
      in.add(no(Rule.SUITS_MAY_GO_IN, wipeOnly(offer.contents())));
    }
    if (offer.isUnread() && (!offer.isForDogsEars() || offer.isOfNoKind())) {
      in.add(
          no(
              Rule.SUITS_UNREAD,
              "Nobody has typed what is in it, nor that it is made for dogs' ears: not into an ear."));
    }
    Optional<Named> named = ear.naming(offer);
    return named.isEmpty()
        ? new Suitability(SuitsAnswer.of(pad), SuitsAnswer.of(in))
        : new Suitability(
            SuitsAnswer.of(asked(pad, offer, ear, named.get())),
            SuitsAnswer.of(asked(in, offer, ear, named.get())));
  }

  /** Whether a vet named it for that ear. */
  public static boolean isNamed(Offer offer, EarNow ear) {
    return ear.naming(offer).isPresent();
  }

  /** What a vet named is asked about, where no pair clashes, no date is past and nothing is new. */
  private static List<Because> asked(List<Because> rows, Offer offer, EarNow ear, Named named) {
    return rows.stream().map(row -> stands(row, offer, ear, named) ? row : asked(row)).toList();
  }

  private static boolean stands(Because row, Offer offer, EarNow ear, Named named) {
    return switch (row.reason().rule()) {
      case SUITS_PAIR, SUITS_USE_BY, SUITS_WITHDRAWN -> true;
      case SUITS_REACTED -> ear.reacted().toSince(offer, named.at());
      default -> false;
    };
  }

  private static Because asked(Because row) {
    return new Because(
        Suits.CARE,
        Reason.of(
            row.reason().rule(),
            row.reason().sentence() + " Your vet named it: ask whether they know of this."));
  }

  private static String wipeOnly(MixAnalysis mix) {
    String harmful = words(HARM_INSIDE.stream().filter(mix::has).toList());
    return "Only wipe this ear."
        + (harmful.isEmpty()
            ? ""
            : " Behind a torn eardrum the inner ear is harmed by what is in it: " + harmful + ".");
  }

  private static String words(List<Active> actives) {
    return actives.stream().map(Active::words).collect(Collectors.joining(", "));
  }

  private static Because no(Rule rule, String sentence) {
    return new Because(Suits.NO, Reason.of(rule, sentence));
  }

  private static Because care(Rule rule, String sentence) {
    return new Because(Suits.CARE, Reason.of(rule, sentence));
  }

  /** The rows that hold for both answers. */
  private record Rows(Offer offer, MixAnalysis mix, EarNow ear, List<Because> found) {

    void all() {
      mix.clashes().forEach(clash -> add(no(Rule.SUITS_PAIR, clash.words())));
      if (mix.ph().isEmpty() && mix.hasAcid() && (mix.has(Active.TRIS) || mix.has(Active.EDTA))) {
        add(
            no(
                Rule.SUITS_PAIR,
                "Acid undoes Tris-EDTA, and nobody can tell how sour this is: they do not go together."));
      }
      contents();
      if (mix.hasLayers()) {
        add(care(Rule.SUITS_LAYERS, "Shake it: the dose may be all oil or all water."));
      }
      skin();
      alcohol();
      acetic();
      boric();
      peroxide();
      strong();
      ph();
      others();
      dog();
      label();
    }

    private void add(Because because) {
      found.add(because);
    }

    private boolean isSore() {
      return ear.sores() != Grade.NONE;
    }

    private Strength of(Active active) {
      return mix.strength(active);
    }

    /** What is in it, where nobody has typed that, and whether it is used at all. */
    private void contents() {
      offer
          .supply()
          .flatMap(Supply::withdrawn)
          .ifPresent(
              withdrawn ->
                  add(
                      no(
                          Rule.SUITS_WITHDRAWN,
                          "Withdrawn on %s: %s."
                              .formatted(Quantities.day(withdrawn.on()), withdrawn.why()))));
      if (offer.isUnread()) {
        boolean raw = isSore() || ear.redness().number() >= 2;
        String said = "By its kind: nobody has typed what is in it. Read its label.";
        add(raw ? no(Rule.SUITS_UNREAD, said) : care(Rule.SUITS_UNREAD, said));
      }
      if (of(Active.SALT).exceeds(MUCH_SALT)) {
        add(no(Rule.SUITS_SALT, "More than 1.5 % salt stings and dries."));
      }
    }

    private void skin() {
      boolean stings =
          of(Active.ACETIC_ACID).exceeds(BURNS_ACETIC)
              || mix.alcohol().exceeds(BURNS_ALCOHOL)
              || mix.has(Active.PEROXIDE)
              || mix.ph().filter(ph -> ph < BURNS_PH).isPresent()
              || (mix.ph().isEmpty() && mix.hasAcid() && !isAloneExcepted());
      if ((isSore() || ear.redness().number() >= 2) && stings) {
        add(no(Rule.SUITS_BURNS, "It burns: this skin is red or sore."));
      }
      if (ear.redness() == Grade.MILD
          && (of(Active.ACETIC_ACID).exceeds(BURNS_ACETIC)
              || mix.alcohol().exceeds(BURNS_ALCOHOL))) {
        add(care(Rule.SUITS_RED, "The skin is a little red: acid and alcohol sting."));
      }
      if (isSore() && of(Active.BORIC_ACID).reaches(BROKEN_BORIC)) {
        add(no(Rule.SUITS_BROKEN_SKIN, "Boric acid goes through broken skin into the dog."));
      }
    }

    /** Acetic or boric acid alone, of which it is known how sour they are without a pH. */
    private boolean isAloneExcepted() {
      return mix.hasOnly(Active.ACETIC_ACID) || mix.hasOnly(Active.BORIC_ACID);
    }

    private void alcohol() {
      if (mix.alcohol().reaches(TOO_MUCH_ALCOHOL)) {
        add(no(Rule.SUITS_ALCOHOL, "60 % alcohol or more burns any ear."));
      } else if (mix.alcohol().exceeds(MUCH_ALCOHOL)) {
        add(care(Rule.SUITS_ALCOHOL, "More than 25 % alcohol dries the skin and stings."));
      }
    }

    private void acetic() {
      Strength acetic = of(Active.ACETIC_ACID);
      if (acetic.exceeds(TOO_MUCH_ACETIC)) {
        add(no(Rule.SUITS_ACETIC, "More than 4 % acetic acid: dilute it."));
      } else if (acetic.exceeds(MUCH_ACETIC)) {
        add(
            care(
                Rule.SUITS_ACETIC,
                "Dilute it: 2 to 2.5 % acetic acid is what kills yeast and the common rods in the laboratory."));
      } else if (offer.againstYeast()
          && acetic.reaches(WEAK_ACETIC)
          && !acetic.exceeds(WORKS_ACETIC)) {
        add(
            care(
                Rule.SUITS_WEAK,
                "1 % acetic acid or less is below what has been shown to work against yeast."));
      }
    }

    private void boric() {
      if (of(Active.BORIC_ACID).exceeds(MOST_BORIC)) {
        add(no(Rule.SUITS_BORIC, "More than 5 % boric acid."));
      }
      if (mix.boric().isThere() || mix.salicylic().isThere()) {
        add(no(Rule.SUITS_BORIC, "Grit stays in it, and grit scratches."));
      }
    }

    private void peroxide() {
      if (of(Active.PEROXIDE).exceeds(MOST_PEROXIDE)) {
        add(no(Rule.SUITS_PEROXIDE, "More than 1.5 % peroxide."));
      } else if (mix.has(Active.PEROXIDE)) {
        add(care(Rule.SUITS_PEROXIDE, "Peroxide dries and irritates, and leaves water behind."));
      }
    }

    private void strong() {
      tooStrong(Active.CHLORHEXIDINE, MOST_CHLORHEXIDINE);
      tooStrong(Active.IODINE, MOST_IODINE);
      tooStrong(Active.SALICYLIC_ACID, MOST_SALICYLIC);
      tooStrong(Active.GLYCOL, MOST_GLYCOL);
    }

    private void tooStrong(Active active, double most) {
      if (of(active).exceeds(most)) {
        add(
            no(
                Rule.SUITS_STRONG,
                "More than %s %% %s: dilute it, or ask your vet."
                    .formatted(Figures.plain(most), active.words())));
      }
    }

    private void ph() {
      if (mix.ph().filter(ph -> ph < SOUREST || ph > MOST_ALKALINE).isPresent()) {
        add(no(Rule.SUITS_PH, "Its pH lies outside 2.3 to 9."));
      }
      boolean mildAlone =
          mix.hasOnly(Active.BORIC_ACID)
              || (mix.hasOnly(Active.ACETIC_ACID) && !of(Active.ACETIC_ACID).exceeds(MUCH_ACETIC));
      if (mix.ph().isEmpty() && mix.hasAcid() && !mildAlone) {
        add(care(Rule.SUITS_PH_UNKNOWN, "There is acid in it, and its pH is not known."));
      }
    }

    private void others() {
      if (mix.has(Active.DYE)) {
        add(
            care(
                Rule.SUITS_DYE,
                ear.lightCoat()
                    ? "It stains a light coat for weeks; dyes are restricted in some countries: ask."
                    : "It stains; dyes are restricted in some countries: ask."));
      }
      for (Part part : mix.mix().parts()) {
        Ingredient one = part.ingredient();
        if (part.amount() > 0) {
          one.whyNot()
              .ifPresent(why -> add(no(Rule.SUITS_NEVER, "%s: %s.".formatted(one.name(), why))));
        }
      }
      List<Active> never = NEVER.stream().filter(mix::has).toList();
      if (!never.isEmpty()
          && found.stream().noneMatch(one -> one.reason().rule() == Rule.SUITS_NEVER)) {
        add(no(Rule.SUITS_NEVER, "There is %s in it.".formatted(words(never))));
      }
      if (mix.oil() > 0 && ear.discharge().number() >= 2) {
        add(care(Rule.SUITS_OIL, "Oil seals dirt in, and hides the skin from the vet."));
      }
    }

    private void dog() {
      if (offer.isHomeMixed() && (ear.sign().atLeast(Verdict.CAUTION) || ear.underVet())) {
        add(
            no(
                Rule.SUITS_HOME_MIXED,
                ear.underVet()
                    ? "A home mix is for a quiet ear, and this one is under your vet's care."
                    : "A home mix is for a quiet ear, and this one is not."));
      } else if (offer.isHomeMixed() && !ear.seen()) {
        add(
            no(
                Rule.SUITS_HOME_MIXED,
                "A home mix is for a quiet ear, and nobody could look into this one."));
      }
      if (ear.puppy() && !ear.vetsWord() && !offer.isSaline()) {
        add(
            no(
                Rule.SUITS_PUPPY,
                "Under 12 weeks nothing but saline goes in, without your vet's word."));
      }
      List<Active> forLitter = HARM_A_LITTER.stream().filter(mix::has).toList();
      if (ear.litter() && !forLitter.isEmpty()) {
        add(
            care(
                Rule.SUITS_LITTER,
                "She is pregnant or nursing, and there is %s in it: ask your vet."
                    .formatted(words(forLitter))));
      }
      ear.reacted()
          .to(offer)
          .ifPresent(
              reaction ->
                  add(
                      no(
                          Rule.SUITS_REACTED,
                          "Reacted to it, or to what is like it, on %s: %s."
                              .formatted(
                                  Quantities.day(reaction.day()), reaction.kind().words()))));
    }

    private void label() {
      if (offer.isPast()) {
        add(no(Rule.SUITS_USE_BY, "Its last day has gone by: do not use it any more."));
      }
      if (!offer.isForDogsEars()) {
        add(care(Rule.SUITS_NOT_FOR_DOGS, offer.madeForWords() + " Ask your vet first."));
      }
      if (offer.isFromTheVet() && !isNamed(offer, ear)) {
        add(
            care(
                Rule.SUITS_FROM_THE_VET,
                "An antiseptic is for an ear that a vet has seen: ask yours."));
      }
    }
  }
}
