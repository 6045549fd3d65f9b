package org.evenlobe.server.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.access.AuditLog;
import org.evenlobe.server.access.AuditLog.Event;
import org.evenlobe.server.access.FreshPassword;
import org.evenlobe.server.access.Secrets;
import org.evenlobe.server.access.SignedInPerson;
import org.evenlobe.server.account.AccountLetter.Subject;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.stereotype.Component;

/**
 * What happens when somebody has signed in: the session notes on what, and a device that they have
 * not used before is told to them by mail; their first one is nothing to tell.
 */
@Component
class Arrival implements AuthenticationSuccessHandler {
  private static final Duration KNOWN_FOR = Duration.ofDays(400);
  private static final int LONGEST = 100;

  private final JdbcClient jdbc;
  private final FreshPassword password;
  private final AccountMails mails;
  private final Cookies cookies;
  private final Clock clock;
  private final int idleSeconds;

  Arrival(
      JdbcClient jdbc,
      FreshPassword password,
      AccountMails mails,
      Cookies cookies,
      Clock clock,
      @Value("${server.servlet.session.timeout}") Duration idle) {
    this.idleSeconds = (int) idle.toSeconds();
    this.jdbc = jdbc;
    this.password = password;
    this.mails = mails;
    this.cookies = cookies;
    this.clock = clock;
  }

  @Override
  public void onAuthenticationSuccess(
      HttpServletRequest request, HttpServletResponse response, Authentication signedIn) {
    password.given(request);
    // one that was begun signed out, to show a passkey in, would end within minutes
    request.getSession().setMaxInactiveInterval(idleSeconds);
    String device = DeviceWords.of(request.getHeader(HttpHeaders.USER_AGENT));
    request.getSession().setAttribute(SignIns.DEVICE, device);
    if (signedIn.getPrincipal() instanceof SignedInPerson person) {
      AuditLog.note(Event.SIGNED_IN, person.id(), null);
      meet(person.id(), device, request, response);
    }
    response.setStatus(HttpStatus.NO_CONTENT.value());
  }

  private void meet(
      UUID person, String device, HttpServletRequest request, HttpServletResponse response) {
    String brought = brought(request).orElse("");
    int known =
        jdbc.sql("update known_device set seen_at = ? where person_id = ? and token_hash = ?")
            .params(OffsetDateTime.now(clock), person, Secrets.hash(brought))
            .update();
    if (known > 0) {
      return;
    }
    boolean isFirst =
        jdbc.sql("select not exists (select from known_device where person_id = ?)")
            .param(person)
            .query(Boolean.class)
            .single();
    String given = brought.isEmpty() ? Secrets.fresh() : brought;
    jdbc.sql("insert into known_device values (?, ?, ?) on conflict do nothing")
        .params(person, Secrets.hash(given), OffsetDateTime.now(clock))
        .update();
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(cookies.device(), given)
            .path("/")
            .httpOnly(true)
            .secure(cookies.areSecure())
            .sameSite(Cookies.SAME_SITE)
            .maxAge(KNOWN_FOR)
            .build()
            .toString());
    if (!isFirst) {
      mails.begin(Subject.NEW_DEVICE, person, address(person), device);
    }
  }

  private Optional<String> brought(HttpServletRequest request) {
    Cookie[] sent = request.getCookies();
    return sent == null
        ? Optional.empty()
        : Arrays.stream(sent)
            .filter(one -> one.getName().equals(cookies.device()))
            .map(Cookie::getValue)
            .filter(value -> value.length() <= LONGEST)
            .findFirst();
  }

  private String address(UUID person) {
    return jdbc.sql("select email from person where id = ?")
        .param(person)
        .query(String.class)
        .single();
  }
}
