package org.evenlobe.server.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends a session that was begun long ago, however often it is used. */
final class SessionAge extends OncePerRequestFilter {
  static final Duration LONGEST = Duration.ofDays(180);

  private final Clock clock;

  SessionAge(Clock clock) {
    this.clock = clock;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    // neither a file nor the token needs a session, and to look for one is a look at the database
    String path = request.getRequestURI();
    return !path.startsWith("/api/") || path.equals("/api/csrf");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    HttpSession session = request.getSession(false);
    if (session != null
        && Instant.ofEpochMilli(session.getCreationTime())
            .plus(LONGEST)
            .isBefore(clock.instant())) {
      session.invalidate();
    }
    chain.doFilter(request, response);
  }
}
