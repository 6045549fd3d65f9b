package org.evenlobe.core.check;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.evenlobe.core.record.DischargeKind;

/**
 * The verdict table of one ear on one day, with all that is known of it folded in, as data: a
 * device without a connection judges a check by walking it. The first line that holds is the
 * verdict; where none does, the ear is quiet.
 *
 * @param lines the worst first
 * @param own the ear's own signs that ask for caution or worse
 * @param signs all signs that do, where a line asks for them
 * @param kinds the kinds of discharge that count: not those that medicine in the ear explains
 * @param deafnessCounts whether a sound that it does not turn to counts
 */
public record EarTable(
    List<TableLine> lines,
    List<Clause> own,
    List<Clause> signs,
    Set<DischargeKind> kinds,
    boolean deafnessCounts) {

  /**
   * One line.
   *
   * @param verdict what it leads to
   * @param when when it holds
   * @param sentence what was seen, with places for signs, such as {@code {REDNESS}}
   * @param toDo what to do about it
   */
  public record TableLine(Verdict verdict, Clause when, String sentence, String toDo) {}

  public EarTable {
    lines = List.copyOf(lines);
    own = List.copyOf(own);
    signs = List.copyOf(signs);
    kinds = Set.copyOf(kinds);
  }

  /** The table of an ear without medicine in it. */
  public static EarTable of(EarBackground before) {
    return of(before, EnumSet.allOf(DischargeKind.class), true);
  }

  /**
   * The table of an ear.
   *
   * @param kinds the kinds of discharge that count
   * @param deafnessCounts whether a sound that it does not turn to counts
   */
  public static EarTable of(
      EarBackground before, Set<DischargeKind> kinds, boolean deafnessCounts) {
    return new EarTable(
        VerdictTable.lines(before).stream()
            .map(rule -> new TableLine(rule.verdict(), rule.when(), rule.sentence(), rule.toDo()))
            .toList(),
        VerdictTable.cautions(before, true).stream().map(VerdictRule::when).toList(),
        before.cover().isEmpty()
            ? List.of()
            : VerdictTable.cautions(before, false).stream().map(VerdictRule::when).toList(),
        kinds,
        deafnessCounts);
  }
}
