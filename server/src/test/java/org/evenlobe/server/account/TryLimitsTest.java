package org.evenlobe.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;

import jakarta.servlet.FilterChain;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import org.evenlobe.server.access.RateLimits;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.mockito.junit.jupiter.MockitoSettings;
import org.mockito.quality.Strictness;

@ExtendWith(MockitoExtension.class)
@MockitoSettings(strictness = Strictness.LENIENT)
class TryLimitsTest {
  @Mock private RateLimits limits;
  @Mock private HttpServletRequest request;
  @Mock private HttpServletResponse response;
  @Mock private FilterChain chain;
  private final StringWriter written = new StringWriter();
  private final List<String> asked = new ArrayList<>();
  private String exhausted = "";

  @BeforeEach
  void count() throws Exception {
    given(response.getWriter()).willReturn(new PrintWriter(written));
    given(request.getRemoteAddr()).willReturn("192.0.2.7");
    given(limits.allows(anyString(), anyInt(), any()))
        .willAnswer(
            call -> {
              String key = call.getArgument(0);
              asked.add(key);
              return !key.equals(exhausted);
            });
  }

  private void call(String method, String path) throws Exception {
    given(request.getMethod()).willReturn(method);
    given(request.getRequestURI()).willReturn(path);
    new TryLimits(limits, 1).doFilterInternal(request, response, chain);
  }

  @Test
  void signingInIsCountedByAddressAndNeverByEmailAlone() throws Exception {
    given(request.getParameter("email")).willReturn(" Wren@Test.Example ");

    call("POST", "/api/sign-in");

    assertThat(asked).containsExactly("sign-in 192.0.2.7", "sign-in 192.0.2.7 wren@test.example");
    verify(chain).doFilter(request, response);
  }

  @Test
  void tooManyTriesAreTold() throws Exception {
    given(request.getParameter("email")).willReturn("wren@test.example");
    exhausted = "sign-in 192.0.2.7 wren@test.example";

    call("POST", "/api/sign-in");

    verify(chain, never()).doFilter(any(), any());
    verify(response).setStatus(429);
    verify(response).setHeader("Retry-After", "900");
    assertThat(written.toString()).contains("/problems/too-many");
  }

  @ParameterizedTest
  @CsvSource({
    "POST, /api/people, register 192.0.2.7",
    "POST, /api/households/1/invitations, invitation 192.0.2.7",
    "GET, /api/invitations/abc, invitation 192.0.2.7",
    "POST, /api/invitations/abc/accept, invitation 192.0.2.7",
  })
  void registeringAndInvitationsAreCounted(String method, String path, String key)
      throws Exception {
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
