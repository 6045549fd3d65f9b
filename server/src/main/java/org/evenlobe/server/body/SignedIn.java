package org.evenlobe.server.body;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.Session;
import org.springframework.session.SessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.stereotype.Component;

/** Whether a request comes from somebody who is signed in, before its session is opened. */
@Component
class SignedIn {
  private final CookieSerializer cookie;
  private final SessionRepository<? extends Session> sessions;

  SignedIn(CookieSerializer cookie, SessionRepository<? extends Session> sessions) {
    this.cookie = cookie;
    this.sessions = sessions;
  }

  boolean sent(HttpServletRequest request) {
    return cookie.readCookieValues(request).stream()
        .map(sessions::findById)
        .anyMatch(
            session ->
                session != null
                    && session.getAttribute(
                            HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY)
                        != null);
  }
}
