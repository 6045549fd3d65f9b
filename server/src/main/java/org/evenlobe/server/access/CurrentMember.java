package org.evenlobe.server.access;

import java.util.Optional;
import java.util.UUID;

/**
 * Who the running request works for. {@link HouseholdTransactions} tells the database, so that
 * row-level security lets this household's rows through and no others.
 */
public final class CurrentMember {
  private static final ThreadLocal<Member> MEMBER = new ThreadLocal<>();

  private CurrentMember() {}

  /**
   * The member the request works for.
   *
   * @throws IllegalStateException outside a household
   */
  public static Member get() {
    return find().orElseThrow(() -> new IllegalStateException("no household is set"));
  }

  /** The household the request works for. */
  public static UUID household() {
    return get().household();
  }

  static Optional<Member> find() {
    return Optional.ofNullable(MEMBER.get());
  }

  static void set(Member member) {
    MEMBER.set(member);
  }

  static void clear() {
    MEMBER.remove();
  }

  /** Runs the work as that member, outside a request. */
  public static void run(Member member, Runnable work) {
    set(member);
    try {
      work.run();
    } finally {
      clear();
    }
  }
}
