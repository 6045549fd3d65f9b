package org.evenlobe.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.mock;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.server.problem.Refusal;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.mockito.junit.jupiter.MockitoSettings;
import org.mockito.quality.Strictness;
import org.springframework.security.authentication.TestingAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerMapping;

@ExtendWith(MockitoExtension.class)
@MockitoSettings(strictness = Strictness.LENIENT)
class HouseholdGateTest {
  private static final UUID HOUSEHOLD = new UUID(0, 1);
  private static final UUID PERSON = new UUID(0, 2);

  @Mock private Memberships memberships;
  @Mock private HttpServletRequest request;
  @Mock private HandlerMethod method;

  @BeforeEach
  void signIn() {
    SecurityContextHolder.getContext()
        .setAuthentication(new TestingAuthenticationToken(new SignedInPerson(PERSON, ""), ""));
    given(request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE))
        .willReturn(Map.of("household", HOUSEHOLD.toString()));
  }

  @AfterEach
  void signOut() {
    SecurityContextHolder.clearContext();
    CurrentMember.clear();
  }

  private boolean enter() {
    return new HouseholdGate(memberships)
        .preHandle(request, mock(HttpServletResponse.class), method);
  }

  @ParameterizedTest
  @CsvSource({
    "GET, VIEWER, true",
    "HEAD, VIEWER, true",
    "PUT, VIEWER, false",
    "DELETE, VIEWER, false",
    "POST, VIEWER, false",
    "PUT, CARER, true",
    "DELETE, CARER, true",
    "PUT, OWNER, true",
  })
  void readingNeedsAViewerAndWritingACarer(String http, Role role, boolean enters) {
    given(request.getMethod()).willReturn(http);
    given(memberships.belonging(HOUSEHOLD, PERSON))
        .willReturn(Optional.of(new Memberships.Belonging(role, Wording.METRIC)));

    if (enters) {
      assertThat(enter()).isTrue();
      assertThat(CurrentMember.get()).isEqualTo(new Member(HOUSEHOLD, PERSON, role));
    } else {
      assertThatThrownBy(this::enter)
          .isInstanceOfSatisfying(
              Refusal.class, refusal -> assertThat(refusal.getStatusCode().value()).isEqualTo(403));
    }
  }

  @ParameterizedTest
  @CsvSource({"VIEWER, OWNER, 403", "CARER, OWNER, 403", "OWNER, OWNER, 0", "VIEWER, VIEWER, 0"})
  void anEndpointMaySayWhatItNeeds(Role role, Role needed, int refused) {
    Needs needs = mock(Needs.class);
    given(needs.value()).willReturn(needed);
    given(method.getMethodAnnotation(Needs.class)).willReturn(needs);
    given(memberships.belonging(HOUSEHOLD, PERSON))
        .willReturn(Optional.of(new Memberships.Belonging(role, Wording.METRIC)));

    if (refused == 0) {
      assertThat(enter()).isTrue();
    } else {
      assertThatThrownBy(this::enter)
          .isInstanceOfSatisfying(
              Refusal.class,
              refusal -> assertThat(refusal.getStatusCode().value()).isEqualTo(refused));
    }
  }
}
