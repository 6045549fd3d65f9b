package org.evenlobe.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.server.account.Household;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Every endpoint, called by those who may not. A new endpoint without a line here fails. */
@ExtendWith(RunningServer.class)
class IsolationTest {
  private static Caller owner;
  private static Caller viewer;
  private static Caller stranger;
  private static UUID dog;
  private static UUID cleaning;

  /**
   * An endpoint.
   *
   * @param pattern as the OpenAPI document names it
   * @param method the HTTP method
   * @param body a body that its owner could send
   * @param viewer what a viewer is answered
   */
  record Endpoint(String method, String pattern, String body, int viewer) {
    @Override
    public String toString() {
      return method + " " + pattern;
    }

    String path(UUID household) {
      return pattern
          .replace("{household}", household.toString())
          .replace("{dog}", dog.toString())
          .replace("{cleaning}", cleaning.toString());
    }
  }

  static Stream<Endpoint> endpoints() {
    return Stream.of(
        new Endpoint("GET", "/api/households/{household}/today", "", 200),
        new Endpoint("GET", "/api/households/{household}/dogs/{dog}", "", 200),
        new Endpoint("PUT", "/api/households/{household}/dogs/{dog}", Samples.dog("Reed"), 403),
        new Endpoint(
            "PUT",
            "/api/households/{household}/cleanings/{cleaning}",
            Samples.cleaning(new UUID(0, 0), Instant.parse("2026-01-01T10:00:00Z"), 1, 1),
            403),
        new Endpoint("POST", "/api/households/{household}/previews/interval", Samples.dog(), 200));
  }

  /** Those without a household: what somebody signed out is answered. */
  private static final Set<String> WITHOUT_HOUSEHOLD =
      Set.of("GET /api/me", "GET /api/breeds", "POST /api/people");

  @BeforeAll
  static void fill() {
    owner = Caller.newOwner();
    stranger = Caller.newOwner();
    viewer = Caller.newOwner();
    Household.addMember(owner, viewer, "VIEWER");
    dog = Samples.newDog(owner);
    cleaning = UUID.randomUUID();
    assertThat(
            owner
                .create(
                    owner.at("/cleanings/" + cleaning),
                    Samples.cleaning(dog, Instant.parse("2026-01-01T10:00:00Z"), 1, 2))
                .status())
        .isEqualTo(200);
  }

  @ParameterizedTest
  @MethodSource("endpoints")
  void somebodySignedOutGets401(Endpoint endpoint) {
    assertThat(call(Caller.signedOut(), endpoint, owner.household()).status()).isEqualTo(401);
  }

  @ParameterizedTest
  @MethodSource("endpoints")
  void aStrangerGets404AsIfThereWereNoSuchHousehold(Endpoint endpoint) {
    Caller.Answer theirs = call(stranger, endpoint, owner.household());
    Caller.Answer none = call(stranger, endpoint, UUID.randomUUID());

    assertThat(theirs.status()).isEqualTo(404);
    assertThat(withoutPath(theirs)).isEqualTo(withoutPath(none));
  }

  @ParameterizedTest
  @MethodSource("endpoints")
  void aStrangersDogIsNotFoundInTheirOwnHousehold(Endpoint endpoint) {
    if (endpoint.method().equals("GET") && endpoint.pattern().contains("{dog}")) {
      assertThat(call(stranger, endpoint, stranger.household()).status()).isEqualTo(404);
    }
  }

  @ParameterizedTest
  @MethodSource("endpoints")
  void aViewerSeesButChangesNothing(Endpoint endpoint) {
    String before = owner.get(owner.at("/dogs/" + dog)).body();

    assertThat(call(viewer, endpoint, owner.household()).status()).isEqualTo(endpoint.viewer());

    assertThat(owner.get(owner.at("/dogs/" + dog)).body()).isEqualTo(before);
  }

  @Test
  void aCleaningCannotPointToADogOfAnotherHousehold() {
    Caller.Answer answer =
        stranger.create(
            stranger.at("/cleanings/" + UUID.randomUUID()),
            Samples.cleaning(dog, Instant.parse("2026-01-01T10:00:00Z"), 1, 2));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly("dogId");
  }

  @Test
  void everyEndpointOfTheDocumentIsInTheTable() {
    Set<String> documented = new TreeSet<>();
    JsonNode paths = Caller.signedOut().get("/api/openapi.json").json().get("paths");
    for (String path : List.copyOf(paths.propertyNames())) {
      for (String method : List.copyOf(paths.get(path).propertyNames())) {
        documented.add(method.toUpperCase(java.util.Locale.ROOT) + " " + path);
      }
    }
    Set<String> tested = new TreeSet<>(WITHOUT_HOUSEHOLD);
    endpoints().forEach(endpoint -> tested.add(endpoint.toString()));

    assertThat(tested).isEqualTo(documented);
  }

  private static Caller.Answer call(Caller caller, Endpoint endpoint, UUID household) {
    caller.get("/api/csrf");
    HttpRequest.BodyPublisher body =
        endpoint.body().isEmpty()
            ? HttpRequest.BodyPublishers.noBody()
            : HttpRequest.BodyPublishers.ofString(endpoint.body());
    HttpRequest.Builder request =
        caller.json(endpoint.path(household)).method(endpoint.method(), body);
    return caller.send(
        endpoint.method().equals("PUT") ? request.header("If-Match", "\"1\"") : request);
  }

  private static String withoutPath(Caller.Answer answer) {
    return answer.body().replaceAll("\"instance\":\"[^\"]*\"", "");
  }
}
