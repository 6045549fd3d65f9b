package org.evenlobe.server.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Locale;
import org.evenlobe.server.access.RateLimits;
import org.evenlobe.server.problem.Refusal;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Limits how often somebody may try to sign in, register or handle invitations.
 *
 * <p>Tries to sign in are counted by the caller's address together with the e-mail, and by the
 * caller's address alone; never by the e-mail alone, so that nobody can lock somebody else out.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class TryLimits extends OncePerRequestFilter {
  private static final Duration WINDOW = Duration.ofMinutes(15);
  private static final int SIGN_INS_OF_ONE = 10;
  private static final int SIGN_INS = 60;
  private static final int REGISTRATIONS = 20;
  private static final int INVITATIONS = 60;

  private final RateLimits limits;
  private final int generosity;

  TryLimits(RateLimits limits, @Value("${evenlobe.limits.times}") int generosity) {
    this.limits = limits;
    this.generosity = generosity;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (allows(request)) {
      chain.doFilter(request, response);
    } else {
      response.setHeader("Retry-After", Long.toString(WINDOW.toSeconds()));
      ProblemWriter.write(response, Refusal.tooMany());
    }
  }

  private boolean allows(HttpServletRequest request) {
    String path = request.getRequestURI();
    String from = request.getRemoteAddr();
    boolean posts = request.getMethod().equals("POST");
    if (posts && path.equals("/api/sign-in")) {
      String email = String.valueOf(request.getParameter("email"));
      return limits.allows("sign-in " + from, SIGN_INS * generosity, WINDOW)
          && limits.allows(
              "sign-in " + from + " " + key(email), SIGN_INS_OF_ONE * generosity, WINDOW);
    }
    if (posts && path.equals("/api/people")) {
      return limits.allows("register " + from, REGISTRATIONS * generosity, WINDOW);
    }
    if (path.startsWith("/api/invitations/") || (posts && path.endsWith("/invitations"))) {
      return limits.allows("invitation " + from, INVITATIONS * generosity, WINDOW);
    }
    return true;
  }

  /** As sign-in compares addresses, cut so that nobody fills the table with long ones. */
  private static String key(String email) {
    String plain = email.strip().toLowerCase(Locale.ROOT);
    return plain.substring(0, Math.min(plain.length(), 200)).replace("\0", "");
  }
}
