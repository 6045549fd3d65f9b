package org.evenlobe.core.solution;

import java.util.Objects;

/**
 * What a school mixes, with what its people and its critics say.
 *
 * @param id its id
 * @param name what it is called
 * @param mix what is poured together
 * @param favour what its people say
 * @param against what its critics say
 */
public record Recipe(String id, String name, Mix mix, String favour, String against) {

  public Recipe {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(name, "name");
    Objects.requireNonNull(mix, "mix");
    Objects.requireNonNull(favour, "favour");
    Objects.requireNonNull(against, "against");
  }
}
