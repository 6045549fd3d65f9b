package org.evenlobe.server.account;

import java.time.Clock;
import java.time.Duration;
import org.evenlobe.server.access.AuditLog;
import org.evenlobe.server.access.AuditLog.Event;
import org.evenlobe.server.access.RateLimits;
import org.evenlobe.server.passkey.PasskeySignIn;
import org.evenlobe.server.passkey.Passkeys;
import org.evenlobe.server.problem.ProblemWriter;
import org.evenlobe.server.problem.Refusal;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationServiceException;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.RequestCacheConfigurer;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.authentication.logout.HttpStatusReturningLogoutSuccessHandler;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/** Who may call what without a household: signing in, and the single-page app itself. */
@Configuration
class Security {
  private static final String CONTENT_POLICY =
      "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:;"
          + " font-src 'self' data:; object-src 'none'; base-uri 'self'; form-action 'self';"
          + " frame-ancestors 'none'";

  @Bean
  SecurityFilterChain chain(
      HttpSecurity http,
      RateLimits limits,
      Arrival arrival,
      Cookies cookies,
      Passkeys passkeys,
      @Value("${evenlobe.limits.times}") int generosity) {
    return http.addFilterBefore(
            new SessionAge(Clock.systemUTC()), SecurityContextHolderFilter.class)
        .addFilterBefore(
            new TryLimits(limits, generosity), UsernamePasswordAuthenticationFilter.class)
        .authorizeHttpRequests(
            paths ->
                paths
                    .requestMatchers(
                        "/api/csrf", "/api/sign-in", "/api/sign-out", "/api/openapi.json")
                    .permitAll()
                    .requestMatchers(
                        "/actuator/health/liveness", "/actuator/health/readiness", "/error")
                    .permitAll()
                    .requestMatchers(
                        HttpMethod.POST,
                        "/api/people",
                        "/api/addresses/*",
                        "/api/stop/*",
                        "/api/passkey-challenges",
                        "/api/passkey-sign-in")
                    .permitAll()
                    .requestMatchers(HttpMethod.GET, "/api/site", "/api/invitations/*")
                    .permitAll()
                    .requestMatchers("/api/forgotten-passwords/**")
                    .permitAll()
                    .requestMatchers("/api/handed/**")
                    .permitAll()
                    .requestMatchers("/api/**", "/actuator/**")
                    .authenticated()
                    .requestMatchers(HttpMethod.GET)
                    .permitAll()
                    .requestMatchers(HttpMethod.HEAD)
                    .permitAll()
                    .anyRequest()
                    .denyAll())
        .csrf(
            token ->
                token
                    .spa()
                    .csrfTokenRepository(tokenCookie(cookies))
                    // a mail program that stops mails by itself has no page to send a token from
                    .ignoringRequestMatchers("/api/stop/*"))
        // else every 401 stores "the request to go back to" in a new session, a row in the database
        .requestCache(RequestCacheConfigurer::disable)
        .formLogin(
            form ->
                form.loginProcessingUrl("/api/sign-in")
                    .usernameParameter("email")
                    .successHandler(arrival)
                    .failureHandler(refused("The e-mail or the password is wrong.")))
        .with(
            new PasskeySignIn(passkeys, arrival, refused("That passkey opens no account here.")),
            Customizer.withDefaults())
        .logout(
            out ->
                out.logoutUrl("/api/sign-out")
                    .logoutSuccessHandler(
                        new HttpStatusReturningLogoutSuccessHandler(HttpStatus.NO_CONTENT)))
        .exceptionHandling(
            errors ->
                errors
                    .authenticationEntryPoint(
                        (request, response, failure) ->
                            ProblemWriter.write(response, Refusal.signedOut("Sign in first.")))
                    .accessDeniedHandler(
                        (request, response, failure) ->
                            ProblemWriter.write(
                                response,
                                failure instanceof CsrfException
                                    ? Refusal.tokenMissing()
                                    : Refusal.forbidden("That is not yours to do."))))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                    .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN)))
        .build();
  }

  private static AuthenticationFailureHandler refused(String why) {
    return (request, response, failure) -> {
      if (failure instanceof AuthenticationServiceException) {
        // nobody could look whether it is right
        throw failure;
      }
      AuditLog.note(Event.SIGN_IN_REFUSED);
      ProblemWriter.write(response, Refusal.signedOut(why));
    };
  }

  private static CookieCsrfTokenRepository tokenCookie(Cookies cookies) {
    CookieCsrfTokenRepository repository = CookieCsrfTokenRepository.withHttpOnlyFalse();
    repository.setCookieName(cookies.token());
    repository.setCookieCustomizer(
        cookie -> cookie.sameSite(Cookies.SAME_SITE).path("/").secure(cookies.areSecure()));
    return repository;
  }

  /** Beyond this machine the session's cookie goes over TLS only. */
  @Bean
  CookieSerializer sessionCookie(
      Cookies cookies, @Value("${server.servlet.session.timeout}") Duration keptFor) {
    DefaultCookieSerializer cookie = new SessionCookie();
    cookie.setCookieName(cookies.session());
    cookie.setUseHttpOnlyCookie(true);
    cookie.setSameSite(Cookies.SAME_SITE);
    cookie.setCookieMaxAge((int) keptFor.toSeconds());
    cookie.setCookiePath("/");
    if (cookies.areSecure()) {
      cookie.setUseSecureCookie(true);
    }
    return cookie;
  }

  /** Argon2id, the memory-hard function; each hash carries its own parameters. */
  @Bean
  PasswordEncoder passwordEncoder() {
    return Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
  }
}
