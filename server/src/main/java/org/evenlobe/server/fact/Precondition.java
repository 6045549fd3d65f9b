package org.evenlobe.server.fact;

import java.util.OptionalInt;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;

/** What a client believes of a fact when it writes: that there is none, or a certain version. */
public final class Precondition {
  private enum Kind {
    NONE,
    NEW,
    ANY,
    VERSION
  }

  private final Kind kind;
  private final int version;

  private Precondition(Kind kind, int version) {
    this.kind = kind;
    this.version = version;
  }

  /** That there is no such fact. */
  public static Precondition isNew() {
    return new Precondition(Kind.NEW, 0);
  }

  /** Whatever it is at: what it says is replaced. */
  static Precondition any() {
    return new Precondition(Kind.ANY, 0);
  }

  /**
   * Read from the two headers.
   *
   * @throws InvalidFields if a header says something else
   */
  public static Precondition of(@Nullable String ifNoneMatch, @Nullable String ifMatch) {
    if (ifNoneMatch != null) {
      if (!ifNoneMatch.strip().equals("*")) {
        throw InvalidFields.of("If-None-Match", "must be *");
      }
      return isNew();
    }
    if (ifMatch != null) {
      return new Precondition(Kind.VERSION, version(ifMatch));
    }
    return new Precondition(Kind.NONE, 0);
  }

  boolean isMissing() {
    return kind == Kind.NONE;
  }

  boolean expectsNew() {
    return kind == Kind.NEW || kind == Kind.ANY;
  }

  boolean expects(int present) {
    return kind == Kind.ANY || (kind == Kind.VERSION && version == present);
  }

  private static int version(String ifMatch) {
    OptionalInt number = OptionalInt.empty();
    String text = ifMatch.strip();
    if (text.matches("\"\\d{1,9}\"")) {
      number = OptionalInt.of(Integer.parseInt(text.substring(1, text.length() - 1)));
    }
    return number.orElseThrow(
        () -> InvalidFields.of("If-Match", "must be a version in quotes, such as \"1\""));
  }
}
