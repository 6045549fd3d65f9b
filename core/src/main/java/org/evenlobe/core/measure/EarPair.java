package org.evenlobe.core.measure;

import java.util.Objects;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * The same thing for both ears. One ear compared with the other is the most useful measurement a
 * person at home can make, so everything about ears is written with this type.
 *
 * @param right of the dog's own right ear
 * @param left of the dog's own left ear
 */
public record EarPair<T>(T right, T left) {

  public EarPair {
    Objects.requireNonNull(right, "right");
    Objects.requireNonNull(left, "left");
  }

  /** The same value for both ears. */
  public static <T> EarPair<T> both(T value) {
    return new EarPair<>(value, value);
  }

  /** A pair made by asking for each side. */
  public static <T> EarPair<T> bySide(Function<Side, T> maker) {
    return new EarPair<>(maker.apply(Side.RIGHT), maker.apply(Side.LEFT));
  }

  /** The value of one side. */
  public T get(Side side) {
    return side == Side.RIGHT ? right : left;
  }

  /** The pair with each value answered for. */
  public <R> EarPair<R> map(Function<? super T, ? extends R> answer) {
    return new EarPair<>(answer.apply(right), answer.apply(left));
  }

  /** The pair with another value on one side. */
  public EarPair<T> with(Side side, T value) {
    return side == Side.RIGHT ? new EarPair<>(value, left) : new EarPair<>(right, value);
  }

  /** Both values made into one. */
  public <R> R join(BiFunction<? super T, ? super T, ? extends R> joiner) {
    return joiner.apply(right, left);
  }

  /** The pair with its ears exchanged. */
  public EarPair<T> swapped() {
    return new EarPair<>(left, right);
  }
}
