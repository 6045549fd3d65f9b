package org.evenlobe.core.check;

import java.util.Set;
import org.evenlobe.core.rule.Rule;

/**
 * A vet's order to clean that covers what an ear shows: the vet has seen what is wrong with it.
 *
 * @param reference the ear as the vet saw it, or as it was found first
 * @param excused what of that which asks for the vet today it excuses: what the vet saw, or heard
 *     of in a call
 * @param leftIn whether what is stuck, or a tick, was left in on purpose
 * @param allTheSame whether the order stands for a torn eardrum too
 * @param cleaned whether the ear was cleaned that day, so that what is watery may be the cleaner
 * @param medicine whether medicine is in it, or was when the reference was made, so that discharge
 *     tells nothing
 */
public record Cover(
    EarSigns reference,
    Set<Rule> excused,
    boolean leftIn,
    boolean allTheSame,
    boolean cleaned,
    boolean medicine) {

  public Cover {
    excused = Set.copyOf(excused);
  }

  int scoreOf(EarSigns signs) {
    return medicine ? signs.ear().score() - signs.ear().discharge().number() : signs.ear().score();
  }
}
