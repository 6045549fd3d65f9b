package org.evenlobe.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;

import jakarta.servlet.FilterChain;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.access.RateLimits;
import org.evenlobe.server.access.SignedInPerson;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.mockito.junit.jupiter.MockitoSettings;
import org.mockito.quality.Strictness;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.TestingAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.util.ServletRequestPathUtils;

@ExtendWith(MockitoExtension.class)
@MockitoSettings(strictness = Strictness.LENIENT)
class TryLimitsTest {
  @Mock private RateLimits limits;
  @Mock private FilterChain chain;
  private final MockHttpServletRequest request = new MockHttpServletRequest();
  private final MockHttpServletResponse response = new MockHttpServletResponse();
  private final List<String> asked = new ArrayList<>();
  private String exhausted = "";

  @BeforeEach
  void count() throws Exception {
    request.setRemoteAddr("192.0.2.7");
    given(limits.allows(anyString(), anyInt(), any()))
        .willAnswer(
            call -> {
              String key = call.getArgument(0);
              asked.add(key);
              return !key.equals(exhausted);
            });
  }

  private void call(String method, String path) throws Exception {
    request.setMethod(method);
    request.setRequestURI(path);
    request.removeAttribute(ServletRequestPathUtils.PATH_ATTRIBUTE);
    new TryLimits(limits, 1).doFilterInternal(request, response, chain);
  }

  @Test
  void signingInIsCountedByAddressAndNeverByEmailAlone() throws Exception {
    request.setParameter("email", " Wren@Test.Example ");

    call("POST", "/api/sign-in");

    assertThat(asked).containsExactly("sign-in 192.0.2.7", "sign-in 192.0.2.7 wren@test.example");
    verify(chain).doFilter(request, response);
  }

  @Test
  void anotherSpellingOfThePathIsCountedAlike() throws Exception {
    request.setParameter("email", "wren@test.example");

    call("POST", "/api/%73ign-in");

    assertThat(asked).hasSize(2);
  }

  @Test
  void changesOfAPasswordAreCountedByWhoIsSignedIn() throws Exception {
    SignedInPerson person = new SignedInPerson(new UUID(0, 7), "");
    SecurityContextHolder.getContext()
        .setAuthentication(new TestingAuthenticationToken(person, null));
    try {
      call("PUT", "/api/me/password");
    } finally {
      SecurityContextHolder.clearContext();
    }

    assertThat(asked).containsExactly("password " + person.id());
  }

  @Test
  void aPasswordInTheAddressIsRefused() throws Exception {
    request.setQueryString("password=secret");

    call("POST", "/api/sign-in");

    assertThat(response.getStatus()).isEqualTo(400);
    assertThat(response.getContentAsString()).contains("never in the address");
    verify(chain, never()).doFilter(any(), any());
  }

  @Test
  void tooManyTriesAreTold() throws Exception {
    request.setParameter("email", "wren@test.example");
    exhausted = "sign-in 192.0.2.7 wren@test.example";

    call("POST", "/api/sign-in");

    verify(chain, never()).doFilter(any(), any());
    assertThat(response.getStatus()).isEqualTo(429);
    assertThat(response.getHeader("Retry-After")).isEqualTo("900");
    assertThat(response.getContentAsString()).contains("/problems/too-many");
  }

  @ParameterizedTest
  @CsvSource({
    "POST, /api/people, register 192.0.2.7",
    "POST, /api/p%65ople, register 192.0.2.7",
    "PUT, /api/me/password, password 192.0.2.7",
    "GET, /api/%69nvitations/abc, invitation 192.0.2.7",
    "POST, /api/households/1/invitations, invitation 192.0.2.7",
    "GET, /api/invitations/abc, invitation 192.0.2.7",
    "POST, /api/invitations/abc/accept, invitation 192.0.2.7",
  })
  void registeringPasswordsAndInvitationsAreCountedHoweverSpelled(
      String method, String path, String key) throws Exception {
    call(method, path);

    assertThat(asked).containsExactly(key);
  }

  @Test
  void everythingElseIsNot() throws Exception {
    call("GET", "/api/me");
    call("PUT", "/api/households/1/dogs/2");

    assertThat(asked).isEmpty();
  }
}
