package org.evenlobe.server.fact;

import jakarta.persistence.EmbeddedId;
import jakarta.persistence.MappedSuperclass;
import java.util.List;
import java.util.UUID;

/**
 * A fact as it stands now; its earlier versions are kept beside it.
 *
 * @param <B> the body that a client sends
 */
@MappedSuperclass
public abstract class StoredFact<B> {
  @EmbeddedId private FactKey key;
  private int version;
  private boolean gone;

  /** The client's id. */
  public UUID id() {
    return key.id();
  }

  /** Counts from 1 with every correction. */
  public int version() {
    return version;
  }

  /** Whether the present version says that the fact is deleted. */
  public boolean isGone() {
    return gone;
  }

  /** Takes over what the client said. */
  protected abstract void say(B body);

  /** The dogs of whose answers it is a part, as it stands. */
  protected List<UUID> dogs() {
    return List.of();
  }

  /** It is that one. */
  protected void begin(FactKey newKey) {
    key = newKey;
  }

  void advance(boolean nowGone) {
    version++;
    gone = nowGone;
  }
}
