package org.evenlobe.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.evenlobe.server.problem.Refusal;
import org.springframework.stereotype.Component;

/**
 * Whether the person who asks gave their password not long ago. What cannot be taken back, and what
 * lets others in or takes everything out, asks this: a screen that was left is no owner.
 */
@Component
public class FreshPassword {
  private static final Duration HOLDS = Duration.ofMinutes(10);
  private static final String GIVEN_AT = "evenlobe.password-given-at";

  private final Clock clock;

  FreshPassword(Clock clock) {
    this.clock = clock;
  }

  /** It was given just now. */
  public void given(HttpServletRequest request) {
    request.getSession().setAttribute(GIVEN_AT, clock.instant());
  }

  /**
   * Goes on where it was given not long ago.
   *
   * @throws Refusal 403 where it was not
   */
  public void require(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session == null
        || !(session.getAttribute(GIVEN_AT) instanceof Instant at)
        || at.plus(HOLDS).isBefore(clock.instant())) {
      throw Refusal.passwordAgain();
    }
  }
}
