package org.evenlobe.core.visit;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.check.Verdict;

/**
 * What a vet is given on paper, or by a link: two pages at most.
 *
 * @param dog what the dog is called
 * @param on the day of which it is
 * @param asked what the person wants to know, where they said so
 * @param inForce what is held, ordered or open: it stands before all else
 * @param verdict what the latest check comes to, where there is one
 * @param now how the dog stands, point by point
 * @param parts what is on record beside that
 */
public record VetPage(
    String dog,
    LocalDate on,
    Optional<String> asked,
    Optional<Part> inForce,
    Optional<Verdict> verdict,
    List<CallCard.Point> now,
    List<Part> parts) {

  /**
   * What is on record of one thing.
   *
   * @param title what it is
   * @param lines one for each entry, the latest first
   */
  public record Part(String title, List<String> lines) {
    public Part {
      lines = List.copyOf(lines);
    }
  }

  public VetPage {
    now = List.copyOf(now);
    parts = List.copyOf(parts);
  }
}
