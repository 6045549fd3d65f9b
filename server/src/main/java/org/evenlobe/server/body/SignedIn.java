package org.evenlobe.server.body;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.stereotype.Component;

/** Who is signed in that sends a request, before its session is opened. */
@Component
class SignedIn {
  private final CookieSerializer cookie;
  private final SessionRepository<? extends Session> sessions;

  SignedIn(CookieSerializer cookie, SessionRepository<? extends Session> sessions) {
    this.cookie = cookie;
    this.sessions = sessions;
  }

  /** Who sent it, where they are signed in. */
  Optional<String> sender(HttpServletRequest request) {
    return cookie.readCookieValues(request).stream()
        .map(sessions::findById)
        .filter(Objects::nonNull)
        .map(SignedIn::context)
        .filter(Objects::nonNull)
        .map(context -> context.getAuthentication().getName())
        .findFirst();
  }

  private static @Nullable SecurityContext context(Session session) {
    return session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY);
  }
}
