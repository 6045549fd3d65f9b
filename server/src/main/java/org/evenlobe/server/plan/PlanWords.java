package org.evenlobe.server.plan;

import java.util.Locale;
import java.util.stream.Collectors;
import org.evenlobe.core.plan.item.PlanItem;

/** What a planned item asks for, in a few words, where no screen says it. */
public final class PlanWords {

  private PlanWords() {}

  /** Such as "clean both ears". */
  public static String of(PlanItem item) {
    String ears =
        item.ears().size() == 2
            ? "both ears"
            : item.ears().stream()
                .map(side -> side.name().toLowerCase(Locale.ROOT) + " ear")
                .collect(Collectors.joining(", "));
    return switch (item.kind()) {
      case VISIT -> "see the vet, " + ears;
      case ASK -> "answer what is open, " + ears;
      case SEEDS -> "look for seeds";
      case DRY -> "dry the ears after water";
      case CHECK -> "check the ears";
      case LOOK -> "a light look at the ears";
      case WATCH -> "check the ears: watch after water";
      case CLEAN -> "clean " + ears;
      case HAIR -> "hair care, " + ears;
      case DIET -> "the diet trial";
      case TALK -> "talk with the vet about the cause";
      case PRACTICE -> "practise ear handling";
    };
  }
}
