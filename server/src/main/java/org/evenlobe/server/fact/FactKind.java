package org.evenlobe.server.fact;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.problem.InvalidFields;

/**
 * One kind of fact: where it is reached, what a client says of it, how that is kept, and what has
 * to hold. All that can be done with a fact is done for every kind alike by {@link FactController}.
 *
 * @param <B> the body that a client sends
 * @param <F> the fact as it is stored
 * @param path the segment of the address, such as "checks"; it is written into every version, and
 *     may never change
 * @param body the class of the body
 * @param stored the class of the stored fact
 * @param blank makes one of which nothing was said yet
 * @param isRemovable whether it can be deleted
 * @param writer what a member has to be to write it
 * @param day the local day that a body is of, where it is of one
 * @param rules what has to hold where it is said
 * @param lasting what of that holds whenever it is asked, also of what another household said long
 *     ago
 * @param shapes those that its bodies have had
 */
public record FactKind<B, F extends StoredFact<B>>(
    String path,
    Class<B> body,
    Class<F> stored,
    Supplier<F> blank,
    boolean isRemovable,
    Role writer,
    Function<B, Optional<LocalDate>> day,
    Rules<B> rules,
    Rules<B> lasting,
    Shapes shapes) {

  /** A kind of whose rules none is of the moment alone, and whose bodies always looked alike. */
  public FactKind(
      String path,
      Class<B> body,
      Class<F> stored,
      Supplier<F> blank,
      boolean isRemovable,
      Role writer,
      Function<B, Optional<LocalDate>> day,
      Rules<B> rules) {
    this(path, body, stored, blank, isRemovable, writer, day, rules, rules, Shapes.FIRST);
  }

  /** The same, of whose rules only those hold whenever it is asked. */
  public FactKind<B, F> lasting(Rules<B> those) {
    return new FactKind<>(
        path, body, stored, blank, isRemovable, writer, day, rules, those, shapes);
  }

  /** The same, whose bodies have had those shapes. */
  public FactKind<B, F> shaped(Shapes had) {
    return new FactKind<>(path, body, stored, blank, isRemovable, writer, day, rules, lasting, had);
  }

  /** What has to hold of what is said. */
  @FunctionalInterface
  public interface Rules<B> {
    /**
     * Asked where a version would be made.
     *
     * @throws InvalidFields if something is wrong with it
     */
    void check(UUID id, B said);
  }
}
