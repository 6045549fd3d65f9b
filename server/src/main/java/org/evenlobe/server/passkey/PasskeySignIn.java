package org.evenlobe.server.passkey;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.access.SignedInPerson;
import org.springframework.http.HttpMethod;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.AbstractAuthenticationProcessingFilter;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;

/** Signing in by a passkey that is shown: what follows is as after a password. */
public final class PasskeySignIn extends AbstractHttpConfigurer<PasskeySignIn, HttpSecurity> {
  private static final String PATH = "/api/passkey-sign-in";
  private static final int LONGEST = 64 * 1024;

  private final ShownPasskey filter;

  /**
   * Signs in by what is shown there.
   *
   * @param arrived what happens then
   * @param refused what is answered where it is not in order
   */
  public PasskeySignIn(
      Passkeys passkeys,
      AuthenticationSuccessHandler arrived,
      AuthenticationFailureHandler refused) {
    this.filter = new ShownPasskey(passkeys);
    filter.setAuthenticationSuccessHandler(arrived);
    filter.setAuthenticationFailureHandler(refused);
    filter.setSecurityContextRepository(new HttpSessionSecurityContextRepository());
  }

  @Override
  public void configure(HttpSecurity http) {
    filter.setSessionAuthenticationStrategy(
        http.getSharedObject(SessionAuthenticationStrategy.class));
    http.addFilterAfter(filter, UsernamePasswordAuthenticationFilter.class);
  }

  private static final class ShownPasskey extends AbstractAuthenticationProcessingFilter {
    private final Passkeys passkeys;

    ShownPasskey(Passkeys passkeys) {
      super(PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.POST, PATH));
      this.passkeys = passkeys;
      setAuthenticationManager(one -> one);
    }

    @Override
    public Authentication attemptAuthentication(
        HttpServletRequest request, HttpServletResponse response) throws IOException {
      byte[] body = request.getInputStream().readNBytes(LONGEST);
      UUID person = passkeys.shown(body, request, response);
      if (person == null) {
        throw new BadCredentialsException("not in order");
      }
      return UsernamePasswordAuthenticationToken.authenticated(
          new SignedInPerson(person, null), null, List.of());
    }
  }
}
