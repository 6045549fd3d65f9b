package org.evenlobe.core.check;

import java.util.List;
import java.util.stream.Stream;

/**
 * When a line of the verdict table holds, as data: a device can be sent it.
 *
 * @param all conditions that all hold
 * @param any conditions of which one holds, where there are any
 * @param given what other lines must hold besides
 */
public record Clause(List<Condition> all, List<Condition> any, Given given) {

  /** What other lines must hold besides. */
  public enum Given {
    /** None. */
    NOTHING,
    /** One of the ear's own signs that asks for caution or worse. */
    OWN_SIGN,
    /** One of all signs that asks for caution or worse. */
    ANY_SIGN
  }

  public Clause {
    all = List.copyOf(all);
    any = List.copyOf(any);
  }

  /** That all of those hold; of none, that it always does. */
  static Clause when(Condition... conditions) {
    return new Clause(List.of(conditions), List.of(), Given.NOTHING);
  }

  Clause and(Condition besides) {
    return new Clause(Stream.concat(all.stream(), Stream.of(besides)).toList(), any, given);
  }

  Clause with(Given other) {
    return new Clause(all, any, other);
  }

  boolean holds(EarSigns signs) {
    for (Condition condition : all) {
      if (!condition.holds(signs)) {
        return false;
      }
    }
    return (any.isEmpty() || isAny(signs))
        && switch (given) {
          case NOTHING -> true;
          case OWN_SIGN -> VerdictTable.hasOwnSign(signs);
          case ANY_SIGN -> VerdictTable.signVerdict(signs).atLeast(Verdict.CAUTION);
        };
  }

  private boolean isAny(EarSigns signs) {
    for (Condition condition : any) {
      if (condition.holds(signs)) {
        return true;
      }
    }
    return false;
  }
}
