package org.evenlobe.server.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Locale;
import java.util.UUID;
import org.evenlobe.server.access.AuditLog;
import org.evenlobe.server.access.AuditLog.Event;
import org.evenlobe.server.access.Origin;
import org.evenlobe.server.access.RateLimits;
import org.evenlobe.server.access.Secrets;
import org.evenlobe.server.access.SignedInPerson;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.ProblemWriter;
import org.evenlobe.server.problem.Refusal;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.OrRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Limits how often somebody may try to sign in, register, change a password, handle invitations or
 * say something or open a file by a link. Paths are compared as the framework compares them, so
 * that none is spelled around its limit.
 *
 * <p>Tries to sign in are counted by the caller's address together with the e-mail, and by the
 * caller's address alone; never by the e-mail alone, so that nobody can lock somebody else out.
 * Changes of a password are counted by who is signed in: whoever holds a session may not guess.
 */
final class TryLimits extends OncePerRequestFilter {
  private static final Duration WINDOW = Duration.ofMinutes(15);
  private static final int SIGN_INS_OF_ONE = 10;
  private static final int SIGN_INS = 60;
  private static final int PASSKEYS = 120;
  private static final int REGISTRATIONS = 20;
  private static final int INVITATIONS = 60;
  private static final int PASSWORDS = 10;
  private static final int MAILED = 30;
  private static final int HANDED_OVER = 120;
  private static final int SHARED = 120;
  private static final int TABLES = 60;
  private static final int SHARED_BY_ONE_LINK = 40;

  private static final RequestMatcher SIGN_IN = matcher(HttpMethod.POST, "/api/sign-in");
  private static final RequestMatcher PASSKEY =
      new OrRequestMatcher(
          matcher(HttpMethod.POST, "/api/passkey-sign-in"),
          matcher(HttpMethod.POST, "/api/passkey-challenges"));
  private static final RequestMatcher REGISTER = matcher(HttpMethod.POST, "/api/people");
  private static final RequestMatcher PASSWORD =
      new OrRequestMatcher(
          matcher(HttpMethod.PUT, "/api/me/password"),
          matcher(HttpMethod.POST, "/api/me/password-again"),
          matcher(HttpMethod.POST, "/api/me/passkeys/**"));
  private static final RequestMatcher MAILED_LINK =
      new OrRequestMatcher(
          matcher(null, "/api/forgotten-passwords/**"),
          matcher(null, "/api/addresses/**"),
          matcher(HttpMethod.POST, "/api/stop/**"));
  private static final RequestMatcher INVITATION = matcher(null, "/api/invitations/**");
  private static final RequestMatcher HANDED = matcher(null, "/api/handed/**");
  private static final RequestMatcher SHARED_FILE = matcher(null, "/shared/**");
  private static final RequestMatcher TABLE =
      new OrRequestMatcher(
          matcher(HttpMethod.POST, "/api/households/*/logs/*"),
          matcher(HttpMethod.POST, "/api/households/*/previews/logs/*"),
          matcher(HttpMethod.POST, "/api/households/*/previews/dogs"),
          matcher(HttpMethod.POST, "/api/households/*/dogs-of-table"));
  private static final RequestMatcher INVITE =
      matcher(HttpMethod.POST, "/api/households/*/invitations");

  private final RateLimits limits;
  private final int generosity;

  TryLimits(RateLimits limits, int generosity) {
    this.limits = limits;
    this.generosity = generosity;
  }

  private static RequestMatcher matcher(HttpMethod method, String pattern) {
    return PathPatternRequestMatcher.withDefaults().matcher(method, pattern);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (SIGN_IN.matches(request) && request.getQueryString() != null) {
      ProblemWriter.write(
          response, InvalidFields.of("password", "must be sent in the body, never in the address"));
    } else if (allows(request)) {
      chain.doFilter(request, response);
    } else {
      AuditLog.note(Event.TOO_MANY_TRIES);
      response.setHeader(HttpHeaders.RETRY_AFTER, Long.toString(WINDOW.toSeconds()));
      ProblemWriter.write(response, Refusal.tooMany());
    }
  }

  private boolean allows(HttpServletRequest request) {
    String from = Origin.of(request);
    if (SIGN_IN.matches(request)) {
      String email = String.valueOf(request.getParameter("email"));
      return allows("sign-in " + from, SIGN_INS)
          && allows("sign-in " + from + " " + key(email), SIGN_INS_OF_ONE);
    }
    if (PASSKEY.matches(request)) {
      return allows("passkey " + from, PASSKEYS);
    }
    if (REGISTER.matches(request)) {
      return allows("register " + from, REGISTRATIONS);
    }
    if (PASSWORD.matches(request)) {
      return allows("password " + who(from), PASSWORDS);
    }
    if (MAILED_LINK.matches(request)) {
      return allows("mailed " + from, MAILED);
    }
    if (TABLE.matches(request)) {
      return allows("table " + who(from), TABLES);
    }
    if (SHARED_FILE.matches(request)) {
      return allows("shared " + from, SHARED)
          && allows("shared by " + Secrets.hashed(request.getRequestURI()), SHARED_BY_ONE_LINK);
    }
    if (HANDED.matches(request)) {
      return allows("handed " + from, HANDED_OVER);
    }
    return !(INVITATION.matches(request) || INVITE.matches(request))
        || allows("invitation " + from, INVITATIONS);
  }

  private static String who(String from) {
    return SignedInPerson.currentId().map(UUID::toString).orElse(from);
  }

  private boolean allows(String key, int tries) {
    return limits.allows(key, tries * generosity, WINDOW);
  }

  /** As sign-in compares addresses, cut so that nobody fills the table with long ones. */
  private static String key(String email) {
    String plain = email.strip().toLowerCase(Locale.ROOT);
    return plain.substring(0, Math.min(plain.length(), 200)).replace("\0", "");
  }
}
