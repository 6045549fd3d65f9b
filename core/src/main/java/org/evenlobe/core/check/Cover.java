package org.evenlobe.core.check;

/**
 * A vet's order to clean that covers what an ear shows: the vet has seen what is wrong with it.
 *
 * @param reference the ear as the vet saw it, or as it was found first
 * @param excusesUrgent whether the reference excuses what is urgent too: a check that came after
 *     the visit does not
 * @param leftIn whether what is stuck, or a tick, was left in on purpose
 * @param allTheSame whether the order stands for a torn eardrum too
 * @param cleaned whether the ear was cleaned that day, so that what is watery may be the cleaner
 * @param medicine whether medicine is in it, so that discharge tells nothing
 */
public record Cover(
    EarSigns reference,
    boolean excusesUrgent,
    boolean leftIn,
    boolean allTheSame,
    boolean cleaned,
    boolean medicine) {

  int scoreOf(EarSigns signs) {
    return medicine ? signs.ear().score() - signs.ear().discharge().number() : signs.ear().score();
  }
}
