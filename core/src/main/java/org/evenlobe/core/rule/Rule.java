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
  PLAN_EARDRUM("Eardrum", Source.ownValue("liquid behind a torn eardrum can deafen")),
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
  PLAN_TOGETHER("Both ears together", Source.ownValue("one handling instead of two"));

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
