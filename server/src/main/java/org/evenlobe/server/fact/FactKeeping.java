package org.evenlobe.server.fact;

import java.util.List;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records, corrects, removes and restores facts of any kind, each by the rules of its kind. */
@Service
@Transactional
public class FactKeeping {
  private final FactStore facts;
  private final FactKinds kinds;
  private final Bodies bodies;

  FactKeeping(FactStore facts, FactKinds kinds, Bodies bodies) {
    this.facts = facts;
    this.kinds = kinds;
    this.bodies = bodies;
  }

  /**
   * Records or corrects the fact of which a body speaks.
   *
   * @throws InvalidFields if something is wrong with it
   * @throws Refusal if it cannot be written so
   */
  public <B> StoredFact<B> put(UUID id, Precondition given, B said) {
    return put(kinds.of(said), id, given, said);
  }

  private <B, F extends StoredFact<B>> F put(
      FactKind<B, F> kind, UUID id, Precondition given, B said) {
    CurrentMember.get().role().require(kind.writer());
    return facts.put(kind, id, given, said, () -> kind.rules().check(id, said));
  }

  /**
   * Makes a version that says that the fact is gone; it can be restored for 30 days.
   *
   * @throws Refusal if there is none, or not at that version, or its kind stays, or is not for the
   *     member
   */
  public <B, F extends StoredFact<B>> F remove(FactKind<B, F> kind, UUID id, Precondition given) {
    CurrentMember.get().role().require(kind.writer());
    if (!kind.isRemovable()) {
      throw Refusal.notFound();
    }
    return facts.remove(kind, id, given);
  }

  /**
   * Says again what an earlier version said, by the rules of saying it now.
   *
   * @throws InvalidFields if it could not be said now
   * @throws Refusal 404 if there is no such version, or it was replaced too long ago
   */
  public <B, F extends StoredFact<B>> F restore(FactKind<B, F> kind, UUID id, int version) {
    CurrentMember.get().role().require(kind.writer());
    return facts.restore(
        kind,
        id,
        version,
        body -> {
          bodies.validate(body);
          kind.rules().check(id, body);
        });
  }

  /**
   * All versions of a fact, the latest first.
   *
   * @throws Refusal 404 if there is no such fact
   */
  @Transactional(readOnly = true)
  public <B, F extends StoredFact<B>> List<KeptVersion<B>> versions(FactKind<B, F> kind, UUID id) {
    return facts.versions(kind, id);
  }
}
