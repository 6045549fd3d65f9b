package org.evenlobe.core.rule;

/** The rules that answers refer to, each with its title and the source of its numbers. */
public enum Rule {
  EAR_CARRIAGE("How the flap is carried", Source.ownValue("a closed canal airs badly")),
  EAR_CANAL_HAIR("Hair in the canal", Source.ownValue("hair holds wax and water")),
  EAR_FEATHERING("Feathering of the flap", Source.ownValue("a heavy flap closes the canal")),
  EAR_BREED(
      "Breed, beyond its ear shape",
      Source.published(
          "O'Neill and co-authors, 2021: odds of outer-ear inflammation by breed and by carriage,"
              + " about 22,000 dogs in primary care, against crossbreeds")),
  EAR_WATER("Water", Source.ownValue("a wet canal lets yeast and bacteria grow")),
  EAR_GROUND("Ground and dust", Source.ownValue("dust and seed heads end up in the ear")),
  EAR_CLIMATE("Climate", Source.ownValue("humid air dries no ear")),
  EAR_ALLERGY("Allergy", Source.ownValue("inflamed skin makes more wax")),
  EAR_HISTORY("Ear infections in the last 12 months", Source.ownValue("trouble comes back")),
  EAR_LOAD_FACTOR(
      "Load factor", Source.ownValue("the product of the factors, held within 0.35 and 4")),
  EAR_CANAL(
      "What the canal holds",
      Source.ownValue("a reference ear at 20 kg, lengths with the weight to the power of 0.28")),
  EAR_FLUID("Where the fluid stands", Source.ownValue("the geometry of the reference ear")),
  EAR_TILT("What a tilt costs", Source.ownValue("the level plane through the lowest rim")),
  CHECK_TILT("Head tilt", Source.ownValue("a sign from beyond the eardrum")),
  CHECK_BALANCE("Loss of balance", Source.ownValue("a sign from beyond the eardrum")),
  CHECK_EYES("Flicking eyes", Source.ownValue("a sign from beyond the eardrum")),
  CHECK_FACE("Drooping face", Source.ownValue("its nerve runs past the middle ear")),
  CHECK_SUDDEN_SHAKING("Sudden violent shaking", Source.ownValue("something may be stuck")),
  CHECK_BLOOD("Bloody discharge", Source.ownValue("torn skin or worse")),
  CHECK_FLAP("Ballooned flap", Source.ownValue("blood in the flap")),
  CHECK_PAIN("Pain", Source.ownValue("a healthy ear may be handled")),
  CHECK_FOREIGN_BODY("Something in the ear", Source.ownValue("it works its way inward")),
  CHECK_HEARING_LOST("Hearing lost", Source.ownValue("failed twice running, passed before")),
  CHECK_UNWELL("Unwell with a sore ear", Source.ownValue("an infection may have spread")),
  CHECK_BLOW("After a blow", Source.ownValue("what was hit may bleed or break")),
  CHECK_SORES("Sores", Source.ownValue("raw skin takes no liquid")),
  CHECK_SWELLING("Swelling", Source.ownValue("a narrow canal does not drain")),
  CHECK_REDNESS("Redness", Source.ownValue("inflamed skin")),
  CHECK_PUS("Yellow or green discharge", Source.ownValue("pus")),
  CHECK_ODOUR("Odour", Source.ownValue("wax smells of little")),
  CHECK_COFFEE_GROUNDS("Dark specks", Source.ownValue("what mites leave looks like this")),
  CHECK_TICK("Tick", Source.ownValue("a bite may get infected")),
  CHECK_NOT_SEEN(
      "Could not look", Source.ownValue("what nobody saw allows nothing, and is no check")),
  CHECK_TOLD(
      "What others tell",
      Source.ownValue("until somebody has looked, what was seen closes an ear")),
  CHECK_CALL_FIRST(
      "Worse, and not itself", Source.ownValue("two bad signs at once: the vet is asked first")),
  CHECK_EARDRUM("Eardrum", Source.ownValue("liquid behind a torn eardrum can deafen")),
  CHECK_VET_HOLD("The vet's hold", Source.ownValue("a vet's word overrides every computed one")),
  CHECK_BLACK("Black discharge", Source.ownValue("more than wax")),
  CHECK_CUT("Cut or bite", Source.ownValue("broken skin stings and gets infected")),
  CHECK_ORDER(
      "As the vet ordered", Source.ownValue("a vet who has seen it knows what is wrong with it")),
  CHECK_WORSE(
      "Worse than the vet saw it",
      Source.ownValue("2 more of the score, more pain, odour or a worse kind")),
  CHECK_MEDICINE(
      "Medicine in the ear", Source.ownValue("what runs out of it is the medicine, for 3 days on")),
  CHECK_FOUND_CLEANING(
      "Found while cleaning", Source.ownValue("what a wipe shows is a sign like any other")),
  CHECK_BROWN("Brown discharge with redness", Source.ownValue("more than wax")),
  CHECK_WATERY("Watery discharge", Source.ownValue("wax is not thin")),
  CHECK_ITCH("Itch", Source.ownValue("more than is normal for this ear")),
  CHECK_SCORE(
      "Ear score",
      Source.published(
          "Nuttall and Bensignor, 2014: an index of four signs, each 0 to 3, total 0 to 12; from"
              + " which score caution begins is this product's own value")),
  CHECK_HEARING("Hearing", Source.ownValue("a blocked ear hears less")),
  CHECK_WAX("Wax", Source.ownValue("plain wax of grade 2 or more is worth taking out")),
  CHECK_QUIET("Quiet", Source.ownValue("a quiet ear cleans itself")),
  CHECK_EVENNESS("Evenness", Source.ownValue("0–1 even, 2–3 leaning, 4 or more uneven")),
  CHECK_MAY_GO_IN(
      "What may go in", Source.ownValue("an eardrum that is not known whole, after trouble")),
  CHECK_HOLD("Hold", Source.ownValue("STOP and URGENT close an ear until it is known to be well")),
  CHECK_PATTERN("What a vet may look for", Source.ownValue("signs that fit less signs against")),
  TREND_FLARE("Flare", Source.ownValue("one bad check, or two that ask for caution")),
  TREND_DRIFT(
      "Slowly worse",
      Source.published(
          "Page, 1954: a cumulative sum finds a small lasting shift; slack 0.5 and alarm at 3 are"
              + " this product's own values")),
  TREND_FOLLOWS(
      "What it follows",
      Source.published(
          "Clopper and Pearson, 1934: exact limits of a share; the windows and levels are this"
              + " product's own values")),
  TREND_EVENNESS(
      "Which ear leads", Source.ownValue("a check at which one ear is worse by 2 or more")),
  TREND_REDNESS(
      "Redness in a picture",
      Source.published(
          "CIE, 1976: a* and L* of a colour under daylight D65; corrected by a patch of white")),
  TREND_COMPARED("Two periods", Source.ownValue("the same measures of both, and their bad days")),
  TREND_WENT("How it went", Source.ownValue("checks against the first of them")),
  TREND_CHANGE(
      "Did it change",
      Source.ownValue("medians before and after, bootstrap interval of 90 % with a fixed seed")),
  TREND_BASELINE("What is normal", Source.ownValue("the middle of the last 8 quiet checks")),
  HAND_OVER(
      "For whoever takes the dog",
      Source.ownValue("what of the record and the plan matters in their days, harm first")),
  LESSON_GRADING(
      "How well you grade",
      Source.published(
          "Cohen, 1968: kappa with weights; quadratic, over the last 20 made-up ears")),
  LESSON_STEPS("The steps of a cleaning", Source.ownValue("the guided session, in short")),
  CLEAN_METHOD(
      "How it is cleaned",
      Source.ownValue("the household's choice, which a verdict can only narrow")),
  CLEAN_BOTTLE(
      "Which bottle",
      Source.ownValue("what suits; the vet's first, after water a drying one, then as last time")),
  CLEAN_ORDER("The better ear first", Source.ownValue("nothing is carried from ear to ear")),
  CLEAN_TRAY(
      "Many dogs from one tray", Source.ownValue("a sore or smelly dog last, with its own cloth")),
  CLEAN_ROUNDS("Rounds", Source.ownValue("3 at most, 5 with a syringe")),
  CLEAN_MASSAGE(
      "The massage", Source.ownValue("30 s; 60 s after a heavy load or more than expected")),
  CLEAN_WIPES("Wipes", Source.ownValue("the middle of the last 5 sessions, and 2 to spare")),
  CLEAN_POSITION("How to hold the dog", Source.ownValue("a calm dog in a place it cannot leave")),
  CLEAN_STOP("Stop here", Source.ownValue("no liquid into an ear that a vet has to see")),
  TRUST_RUNG(
      "The trust ladder",
      Source.ownValue("up after two calm days, down one or two after a struggle")),
  TRUST_PRACTICE("Practice", Source.ownValue("2 to 3 minutes, every 2 days")),
  STOCK_RUN_OUT("When it runs out", Source.ownValue("what is left against what the plan will use")),
  SOLUTION_PH(
      "How sour it is",
      Source.published(
          "Constants as in the CRC Handbook of Chemistry and Physics; charge balance at 25 °C,"
              + " without a correction for activity")),
  SOLUTION_BORIC(
      "What boric acid dissolves",
      Source.published(
          "Solubility in water as in the CRC Handbook; in mixed solvents log-linear (Yalkowsky)")),
  SOLUTION_SALICYLIC(
      "What salicylic acid dissolves", Source.ownValue("0.2 g in 100 mL that are mostly water")),
  SOLUTION_LAYERS("Layers", Source.ownValue("oil and water part, and a dose is drawn from one")),
  SOLUTION_CLASH("What does not go together", Source.ownValue("they undo or poison each other")),
  SOLUTION_KEEPS("How long it keeps", Source.ownValue("7 days of plain water, 30 preserved")),
  SOLUTION_NEAREST(
      "The nearest that passes",
      Source.ownValue("the least change in mL and g within every bound, the volume kept")),
  SOLUTION_AIM(
      "From targets", Source.ownValue("the fewest ingredients; else the least relative misses")),
  SOLUTION_KITCHEN("Kitchen measures", Source.ownValue("only within 5 % of what is wanted")),
  BATCH_NEED(
      "How much to make",
      Source.ownValue("what planned cleanings take while it keeps, 1.3 times a fill")),
  SUITS_MAY_GO_IN("What may go in", Source.ownValue("the verdict and the eardrum come first")),
  SUITS_PAIR("A pair that clashes", Source.ownValue("it undoes or poisons itself")),
  SUITS_LAYERS("Shake it", Source.ownValue("the dose may be all one layer")),
  SUITS_BURNS("It burns", Source.ownValue("acid, alcohol and peroxide on red or sore skin")),
  SUITS_RED("It stings", Source.ownValue("acid and alcohol on skin that is a little red")),
  SUITS_BROKEN_SKIN("Broken skin", Source.ownValue("boric acid is absorbed through it")),
  SUITS_ALCOHOL("Alcohol", Source.ownValue("care above 25 %, never 60 %")),
  SUITS_ACETIC(
      "Acetic acid",
      Source.ownValue("2 to 2.5 % is what kills yeast and the common rods in the laboratory")),
  SUITS_WEAK("Too weak", Source.ownValue("1 % acetic acid or less is not shown to work")),
  SUITS_BORIC("Boric acid and grit", Source.ownValue("5 % at most, and none undissolved")),
  SUITS_PEROXIDE("Peroxide", Source.ownValue("1.5 % at most, and with care")),
  SUITS_STRONG("Too strong", Source.ownValue("antiseptics and solvents that harm when strong")),
  SUITS_PH("Too sour or alkaline", Source.ownValue("pH 2.3 to 9; a healthy canal is about 6")),
  SUITS_PH_UNKNOWN("pH not known", Source.ownValue("acid whose sourness nobody can tell")),
  SUITS_DYE("Dye", Source.ownValue("it stains, and is restricted in places")),
  SUITS_NEVER("Never", Source.ownValue("what poisons, burns or feeds yeast in any ear")),
  SUITS_OIL("Oil on dirt", Source.ownValue("it seals dirt in and hides the skin")),
  SUITS_HOME_MIXED("Home-mixed", Source.ownValue("a mix is for a quiet ear")),
  SUITS_UNREAD(
      "Contents not known", Source.ownValue("its kind stands for them until its label is typed")),
  SUITS_WITHDRAWN("Withdrawn", Source.ownValue("the household's own word")),
  SUITS_SALT("Salt", Source.ownValue("more than 1.5 % salt stings and dries")),
  SUITS_PUPPY("A puppy", Source.ownValue("under 12 weeks nothing but saline")),
  SUITS_USE_BY("Past its date", Source.ownValue("what has gone off is not used")),
  SUITS_REACTED("Reacted before", Source.ownValue("what stung once, and what is like it")),
  SUITS_LITTER(
      "Pregnant or nursing", Source.ownValue("boric acid, iodine and salicylic acid with care")),
  SUITS_NOT_FOR_DOGS("Not for dogs", Source.ownValue("what its label says")),
  SUITS_FROM_THE_VET("From the vet", Source.ownValue("antiseptics are a vet's to give out")),
  STOCK_PAD(
      "What a wipe takes",
      Source.ownValue("2 mL at first; learned from counts of the bottle, 10 wipes strong")),
  PLAN_HOLD("On hold", Source.ownValue("no cleaning and no liquid while an ear is held")),
  PLAN_VET("Your vet's word", Source.ownValue("a vet's instruction overrides every computed one")),
  PLAN_CHECK(
      "The next check", Source.ownValue("7 days; 14 for an open, quiet ear; 3 after trouble")),
  PLAN_CARE(
      "Under a vet's care",
      Source.ownValue("a light look each day, a full check every third, later every seventh")),
  PLAN_ASKED("Asked once", Source.ownValue("what is open is asked, and unanswered opens nothing")),
  PLAN_OUTING("After an outing", Source.ownValue("the household's own school")),
  PLAN_YEARLY("A yearly look", Source.ownValue("12 months after a vet last saw the eardrum")),
  PLAN_WATCH("Watch after water", Source.ownValue("trouble shows a week or two after water")),
  PLAN_WAITS("Waits for the check", Source.ownValue("first see whether the ear is well again")),
  PLAN_WORTH_IT("Worth it now", Source.ownValue("a check found wax of grade 2 or more")),
  PLAN_GUARD("Too soon", Source.ownValue("no cleaning within 5 days of the last one")),
  PLAN_WIPE_ONLY("Wipe only", Source.ownValue("an eardrum not known to be whole, after trouble")),
  PLAN_VISIT("The vet", Source.ownValue("today when urgent, else within two days")),
  PLAN_SKIPPED("Skipped", Source.ownValue("the person's own word")),
  PLAN_PINNED("Your own word", Source.ownValue("the person's own word")),
  PLAN_DRY("Dry after water", Source.ownValue("a wet canal lets yeast and bacteria grow")),
  PLAN_WATER(
      "After water",
      Source.ownValue("where trouble follows water; not within 3 days of the last cleaning")),
  PLAN_HAIR(
      "Hair care",
      Source.ownValue(
          "trimmed or plucked hair grows back: by the household's own weeks, 8 at first")),
  PLAN_SEEDS(
      "A look for seeds",
      Source.ownValue("grass seeds wander: found the same evening they are still outside")),
  PLAN_EXPECTED("Expected", Source.ownValue("what was said to repeat, until it is struck out")),
  PLAN_HEAVY("Full of wax", Source.ownValue("grade 3 of plain wax: tomorrow at the latest")),
  PLAN_DUE_BUT_CLEAN(
      "Due, but clean", Source.ownValue("nothing to take out: half an interval later, once")),
  PLAN_CATCH_UP(
      "Catching up",
      Source.ownValue("over 3 intervals late and full: a second pass, then 3 days at most")),
  PLAN_UNWELL("Left out", Source.ownValue("a sick ear's discharge is not its wax")),
  PLAN_GROOMING("Grooming day", Source.ownValue("ears after the bath, in one handling")),
  PLAN_EVENED("Evened out", Source.ownValue("least days off the best days, for all dogs")),
  PLAN_FIXED("A fixed interval", Source.ownValue("the household's own school")),
  PLAN_AS_NEEDED("As needed", Source.ownValue("the household's own school")),
  PLAN_START("Starting interval", Source.ownValue("28 days for an average ear")),
  PLAN_CHECKS_ONLY("Checks only", Source.ownValue("an ear that gathers little is left alone")),
  PLAN_LEARN("Learned interval", Source.ownValue("the days in which a light load gathers")),
  PLAN_GROWTH("Growth of the interval", Source.ownValue("a quarter at most at one cleaning")),
  PLAN_BAND("How sure the interval is", Source.ownValue("the middle 80 % of what fits the record")),
  PLAN_FLOOR("Shortest routine", Source.ownValue("no routine cleaning under 7 days")),
  PLAN_NOT_NEEDED("Not needed", Source.ownValue("three clean wipes in a row")),
  PLAN_FIRST("First cleaning", Source.ownValue("the point that later dates count from")),
  PLAN_LOOK_FIRST("Look first", Source.ownValue("liquid in a sore ear harms")),
  PLAN_DATE("The date", Source.ownValue("the last cleaning and the interval in force")),
  PLAN_WINDOW("The window", Source.ownValue("a fifth of the interval either way, a day at least")),
  PLAN_TOGETHER("Both ears together", Source.ownValue("one handling instead of two")),
  OWN_COURSE("On your own", Source.ownValue("the vet must know what went in; STOP ends it")),
  OWN_OMEGA(
      "EPA and DHA a day",
      Source.published(
          "Bauer, 2011: 125 mg per kg to the power of 0.75 for itchy skin; National Research Council,"
              + " 2006: 370 mg per kg to the power of 0.75 as the safe upper limit")),
  DIET_DAYS("Clean days", Source.ownValue("a slip and the 13 days after it do not count as clean")),
  DIET_LENGTH(
      "How long a diet trial is", Source.ownValue("two schools: 30 to 60 days, or 8 to 12 weeks")),
  DIET_NEW("New food", Source.ownValue("what was fed before cannot be ruled out")),
  DIET_REJOIN("The old food back", Source.ownValue("14 days: worse again, or not")),
  COURSE_CLEANS(
      "Cleanings of a course",
      Source.ownValue("from its start to its last dose they follow the course, not the plan")),
  COURSE_REACTION(
      "A reaction to medicine",
      Source.ownValue("redder, more painful, deaf or unsteady after a dose: as URGENT")),
  CAUSE_TALK(
      "A talk about the cause",
      Source.ownValue("two flares within 12 months have a cause behind them, most often allergy")),
  COURSE_DOSES("The doses", Source.ownValue("so many days at so many a day, in local time")),
  COURSE_ON_TIME(
      "On time",
      Source.ownValue(
          "within a quarter of the time to its neighbour; missed once the next is near")),
  COURSE_WAIT(
      "Clean, wait, dose",
      Source.ownValue("cleaner left in the ear thins the medicine, and wax keeps it off the skin")),
  COURSE_ASK(
      "Ask before the first", Source.ownValue("a vet who has not seen this ear is asked first")),
  COURSE_TOLD(
      "Given by somebody else", Source.ownValue("told of within a dose's time it is a giving")),
  COURSE_BOTTLE(
      "Whether the bottle lasts", Source.ownValue("all doses still to come, a tenth for loss")),
  COURSE_ADHERENCE("How it was kept to", Source.ownValue("given of due, once the time is over")),
  COURSE_TWICE(
      "Perhaps given twice",
      Source.ownValue("it happened; hiding it helps nobody, and nothing is made up for")),
  COURSE_RANGE("A range", Source.ownValue("the least is planned, the most is counted")),
  COURSE_STOPPED(
      "Stopped early", Source.ownValue("free of symptoms is not cured: checks for two weeks")),
  COURSE_RECHECK("The recheck", Source.ownValue("an infection that only looks gone comes back")),
  COURSE_STAYS(
      "It stays in the ear", Source.ownValue("rinsing takes out what is meant to work for weeks"));

  private final String title;
  private final Source source;

  Rule(String title, Source source) {
    this.title = title;
    this.source = source;
  }

  /** The rule in a few words, as a screen shows it. */
  public String title() {
    return title;
  }

  /** Where its numbers come from. */
  public Source source() {
    return source;
  }
}
