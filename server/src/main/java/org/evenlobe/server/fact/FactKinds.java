package org.evenlobe.server.fact;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.evenlobe.server.problem.Refusal;
import org.springframework.stereotype.Component;

/** The kinds of facts that there are. A noun adds its own by a bean of type {@link FactKind}. */
@Component
public class FactKinds {
  private final Map<String, FactKind<?, ?>> byPath = new TreeMap<>();

  FactKinds(List<FactKind<?, ?>> kinds) {
    kinds.forEach(kind -> byPath.put(kind.path(), kind));
  }

  /** All of them, by their path. */
  public List<FactKind<?, ?>> all() {
    return List.copyOf(byPath.values());
  }

  /**
   * The one that is reached there.
   *
   * @throws Refusal 404 if there is none
   */
  public FactKind<?, ?> at(String path) {
    FactKind<?, ?> kind = byPath.get(path);
    if (kind == null) {
      throw Refusal.notFound();
    }
    return kind;
  }

  /** The one of which such a body speaks. */
  @SuppressWarnings("unchecked")
  public <B> FactKind<B, ?> of(B said) {
    return (FactKind<B, ?>)
        byPath.values().stream()
            .filter(kind -> kind.body().isInstance(said))
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException(said.getClass().getName()));
  }
}
