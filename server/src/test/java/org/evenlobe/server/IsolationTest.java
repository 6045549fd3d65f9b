package org.evenlobe.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.server.account.Household;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.fact.FactKinds;
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
  private static final String A_STAY =
      "{\"taker\": \"GROOMER\", \"from\": \"2026-01-01\", \"until\": \"2026-01-01\"}";
  private static final String RESTORED = "{\"parts\": 1, \"settings\": false}";
  private static final Set<String> made = new TreeSet<>();
  private static UUID ownerId;

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
          .replace("{cleaning}", id("cleanings").toString())
          .replace("{check}", id("checks").toString())
          .replace("{visit}", id("visits").toString())
          .replace("{supply}", new UUID(0, 9).toString())
          .replace("{document}", new UUID(0, 9).toString())
          .replace("{session}", new UUID(0, 15).toString())
          .replace("{id}", id(pattern.split("/", -1)[4]).toString())
          .replace("{person}", ownerId.toString())
          .replace("{erasure}", new UUID(0, 17).toString())
          .replace("{archive}", new UUID(0, 16).toString())
          .replace("{number}", "0")
          .replace("{log}", "checks")
          .replace("{link}", UUID.randomUUID().toString())
          .replace("{invitation}", UUID.randomUUID().toString())
          .replace("{version}", "1");
    }
  }

  static Stream<Endpoint> endpoints() {
    String household = "/api/households/{household}";
    String aCheck =
        Samples.check(
            new UUID(0, 0),
            Instant.parse("2026-01-01T10:00:00Z"),
            Samples.QUIET_EAR,
            Samples.QUIET_EAR);
    String aDocument = household + "/visits/{visit}/documents/{document}";
    String aMember = "{\"role\": \"VIEWER\"}";
    return Stream.concat(
        ofFacts(),
        Stream.of(
            new Endpoint("GET", household + "/today", "", 200),
            new Endpoint("GET", household + "/changes", "", 200),
            new Endpoint("GET", household + "/archived-dogs", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/tabs/record", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/tabs/checks", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/tabs/visits", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/tabs/water", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/tabs/inside", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/picture", "", 404),
            new Endpoint("PUT", household + "/dogs/{dog}/picture", "no picture", 403),
            new Endpoint("DELETE", household + "/dogs/{dog}/picture", "", 403),
            new Endpoint("GET", household + "/dogs/{dog}/checks", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/checks/{check}", "", 200),
            new Endpoint("POST", household + "/dogs/{dog}/previews/check", aCheck, 200),
            new Endpoint("GET", household + "/dogs/{dog}/visits", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/cleanings", "", 200),
            new Endpoint("GET", aDocument, "", 404),
            new Endpoint("PUT", aDocument + "?name=letter", "no picture", 403),
            new Endpoint("DELETE", aDocument, "", 403),
            new Endpoint("GET", household + "/dogs/{dog}/session?ears=RIGHT&helper=true", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/practice?helper=true", "", 200),
            new Endpoint("GET", household + "/round?helper=true", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/cleanings/{cleaning}/outcome", "", 200),
            new Endpoint(
                "PUT",
                household + "/dogs/{dog}/session-progress",
                Samples.progress(new UUID(0, 15), "kit"),
                403),
            new Endpoint("DELETE", household + "/dogs/{dog}/session-progress/{session}", "", 403),
            new Endpoint("POST", household + "/dogs/{dog}/what-if", "{}", 200),
            new Endpoint("GET", household + "/calendar.ics", "", 200),
            new Endpoint("GET", household + "/calendar-link", "", 200),
            new Endpoint("POST", household + "/calendar-link", "", 403),
            new Endpoint("DELETE", household + "/calendar-link", "", 403),
            new Endpoint(
                "POST", household + "/previews/appointments", "{\"ics\": \"no calendar\"}", 403),
            new Endpoint("GET", household + "/doses", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/courses", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/trends", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/photos", "", 200),
            new Endpoint("GET", household + "/logs/{log}.csv", "", 200),
            new Endpoint("POST", household + "/previews/logs/{log}", "at", 200),
            new Endpoint("POST", household + "/logs/{log}", "at", 403),
            new Endpoint("GET", household + "/archive", "", 403),
            new Endpoint("GET", household + "/erasures", "", 200),
            new Endpoint("GET", household + "/room", "", 200),
            new Endpoint("POST", household + "/erasures", "{}", 403),
            new Endpoint("DELETE", household + "/erasures/{erasure}", "", 403),
            new Endpoint("GET", household + "/previews/erasures?dog={dog}", "", 403),
            new Endpoint("GET", household + "/dogs/{dog}/archive", "", 403),
            new Endpoint("PUT", household + "/archives/{archive}/parts/{number}", "no zip", 403),
            new Endpoint("GET", household + "/archives/{archive}", "", 403),
            new Endpoint("DELETE", household + "/archives/{archive}", "", 403),
            new Endpoint("POST", household + "/previews/archives/{archive}", RESTORED, 403),
            new Endpoint("POST", household + "/archives/{archive}/restored", RESTORED, 403),
            new Endpoint("GET", household + "/lessons", "", 200),
            new Endpoint("GET", household + "/lessons/ears/{number}", "", 200),
            new Endpoint("GET", household + "/dogs.csv", "", 200),
            new Endpoint("POST", household + "/previews/dogs", "{\"csv\": \"name,flap\"}", 200),
            new Endpoint("POST", household + "/dogs-of-table", "{\"csv\": \"name\"}", 403),
            new Endpoint("GET", household + "/dogs/{dog}/vet.pdf", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/vet-pages", "", 200),
            new Endpoint("GET", household + "/dogs/{dog}/vet-pages/{number}", "", 200),
            new Endpoint(
                "GET",
                household
                    + "/dogs/{dog}/hand-over?taker=SITTER&from=%1$s&until=%1$s"
                        .formatted(LocalDate.now(ZoneId.of("Europe/Berlin")).plusDays(7)),
                "",
                200),
            new Endpoint("POST", household + "/dogs/{dog}/hand-over-links", A_STAY, 403),
            new Endpoint("GET", household + "/dogs/{dog}/links", "", 200),
            new Endpoint("POST", household + "/dogs/{dog}/links", "{\"days\": 7}", 403),
            new Endpoint("DELETE", household + "/links/{link}", "", 403),
            new Endpoint("GET", household + "/images/{id}", "", 404),
            new Endpoint("PUT", household + "/images/{id}", "no picture", 403),
            new Endpoint("GET", household + "/ear-camera", "", 200),
            new Endpoint("GET", household + "/ear-camera/frame?ear=LEFT", "", 200),
            new Endpoint(
                "GET",
                household
                    + "/dogs/{dog}/compared?beforeFrom=2026-01-01&beforeTo=2026-01-31"
                    + "&afterFrom=2026-02-01&afterTo=2026-02-28",
                "",
                200),
            new Endpoint("POST", household + "/previews/label", "{\"words\": \"8 drops\"}", 200),
            new Endpoint(
                "POST",
                household + "/dogs/{dog}/previews/supplement",
                "{\"supplement\": %s, \"vetAgreed\": false}".formatted(Samples.OIL),
                200),
            new Endpoint("GET", household + "/reminders", "", 200),
            new Endpoint("PUT", household + "/reminders", Samples.REMINDERS, 204),
            new Endpoint("GET", household + "/outbox", "", 200),
            new Endpoint("GET", household + "/stock", "", 200),
            new Endpoint("GET", household + "/own-recipes", "", 200),
            new Endpoint("POST", household + "/previews/making", Samples.MIX, 200),
            new Endpoint("POST", household + "/previews/aimed-mix", Samples.AIM, 200),
            new Endpoint("GET", household + "/batches/{supply}/label", "", 404),
            new Endpoint("GET", household + "/batches/{supply}/label.pdf", "", 404),
            new Endpoint("GET", household + "/stock/compared?supply=" + dog, "", 200),
            new Endpoint("GET", household + "/stock/shopping-list.csv", "", 200),
            new Endpoint("POST", household + "/previews/interval", Samples.dog(), 200),
            new Endpoint(
                "POST",
                household + "/previews/mix",
                "{\"parts\": [{\"ingredient\": \"water\", \"amount\": 10}]}",
                200),
            new Endpoint(
                "POST",
                household + "/dogs/{dog}/previews/nearest-mix?ear=RIGHT",
                "{\"parts\": [{\"ingredient\": \"water\", \"amount\": 10}]}",
                200),
            new Endpoint("GET", household + "/previews/canal?volume=6&poured=5&tilt=0", "", 200),
            new Endpoint("GET", household + "/members", "", 200),
            new Endpoint("PUT", household + "/members/{person}", aMember, 403),
            new Endpoint("DELETE", household + "/members/{person}", "", 403),
            new Endpoint("GET", household + "/invitations", "", 403),
            new Endpoint("POST", household + "/invitations", aMember, 403),
            new Endpoint("DELETE", household + "/invitations/{invitation}", "", 403)));
  }

  /** What can be done with every kind of fact; a kind without a sample fails. */
  private static Stream<Endpoint> ofFacts() {
    return RunningServer.bean(FactKinds.class).all().stream()
        .flatMap(
            kind -> {
              String one = "/api/households/{household}/" + kind.path() + "/{id}";
              int versions = made.contains(kind.path()) ? 200 : 404;
              Stream<Endpoint> always =
                  Stream.of(
                      new Endpoint("PUT", one, Samples.of(kind.path(), new UUID(0, 0)), 403),
                      new Endpoint("GET", one + "/versions", "", versions),
                      new Endpoint("POST", one + "/versions/{version}/restore", "", 403));
              return kind.isRemovable()
                  ? Stream.concat(always, Stream.of(new Endpoint("DELETE", one, "", 403)))
                  : always;
            });
  }

  private static UUID id(String kind) {
    return switch (kind) {
      case "dogs" -> dog;
      case "settings" -> owner.household();
      default -> UUID.nameUUIDFromBytes(kind.getBytes(StandardCharsets.UTF_8));
    };
  }

  /** Those without a household: what somebody signed out is answered. */
  private static final Set<String> WITHOUT_HOUSEHOLD =
      Set.of(
          "POST /api/people",
          "GET /api/me",
          "PUT /api/me",
          "PUT /api/me/password",
          "POST /api/me/password-again",
          "GET /api/me/password-again",
          "POST /api/me/address",
          "GET /api/me/sessions",
          "GET /api/me/passkeys",
          "POST /api/me/passkeys",
          "POST /api/me/passkeys/begun",
          "DELETE /api/me/passkeys/{passkey}",
          "DELETE /api/me/sessions/{session}",
          "GET /api/me/erasure",
          "POST /api/me/erasure",
          "DELETE /api/me/erasure",
          "GET /api/site",
          "POST /api/passkey-challenges",
          "POST /api/forgotten-passwords",
          "PUT /api/forgotten-passwords/{token}",
          "POST /api/addresses/{token}",
          "POST /api/stop/{token}",
          "POST /api/me/sign-out-everywhere",
          "GET /api/breeds",
          "GET /api/breeds/cross",
          "GET /api/ingredients",
          "GET /api/rulebook",
          "GET /api/recipes",
          "GET /calendar/{token}.ics",
          "GET /shared/{token}.pdf",
          "GET /api/handed/{token}",
          "PUT /api/handed/{token}/told/{id}",
          "GET /api/invitations/{token}",
          "POST /api/invitations/{token}/accept");

  /** What somebody who has no account yet, or cannot get into it, asks. */
  private static final Set<String> OF_ANYBODY =
      Set.of(
          "POST /api/people",
          "GET /api/site",
          "POST /api/passkey-challenges",
          "POST /api/forgotten-passwords");

  private static final List<String> BY_LINK =
      List.of(
          "/calendar/",
          "/shared/",
          "/handed/",
          "/api/stop/",
          "/api/addresses/",
          "/api/forgotten-passwords/",
          "GET /api/invitations/");

  @BeforeAll
  static void fill() {
    owner = Caller.newOwner();
    stranger = Caller.newOwner();
    viewer = Caller.newOwner();
    Household.addMember(owner, viewer, "VIEWER");
    dog = Samples.newDog(owner);
    ownerId = UUID.fromString(owner.get("/api/me").json().get("id").asString());
    made.clear();
    made.add("dogs");
    made.add("settings");
    for (FactKind<?, ?> kind : RunningServer.bean(FactKinds.class).all()) {
      String path = owner.at("/" + kind.path() + "/" + id(kind.path()));
      if (!made.contains(kind.path())
          && owner.create(path, Samples.of(kind.path(), dog)).status() == 200) {
        made.add(kind.path());
      }
    }
    // what needs a hold, a planned item or another fact is not there
    assertThat(made)
        .contains("cleanings", "checks", "visits", "exposures", "supplies", "practices");
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

  @ParameterizedTest
  @MethodSource("withoutHousehold")
  void whatNeedsNoHouseholdNeedsSigningInAllTheSame(String endpoint) {
    String[] parts =
        endpoint
            .replace("{token}", "x")
            .replace("{session}", "x")
            .replace("{id}", dog.toString())
            .replace("{passkey}", "AAAA")
            .split(" ", -1);
    Caller nobody = Caller.signedOut();
    nobody.get("/api/csrf");

    Caller.Answer answer =
        nobody.send(
            nobody
                .json(parts[1])
                .method(parts[0], HttpRequest.BodyPublishers.ofString(sample(parts[1]))));

    // the secret link is all that a calendar, or a vet, has; a guessed one is as good as none
    assertThat(answer.status())
        .isEqualTo(BY_LINK.stream().anyMatch(endpoint::contains) ? 404 : 401);
  }

  private static String sample(String path) {
    return path.contains("/told/")
        ? "{\"by\": \"x\", \"at\": \"2026-01-01T10:00:00Z\", \"done\": [], \"seen\": []}"
        : path.contains("/forgotten-passwords/") ? "{\"next\": \"tern over wet slate\"}" : "{}";
  }

  static Stream<String> withoutHousehold() {
    return WITHOUT_HOUSEHOLD.stream().filter(one -> !OF_ANYBODY.contains(one));
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

    assertThat(tested.stream().map(one -> one.replaceAll("\\?.*", "")))
        .hasSameElementsAs(documented);
  }

  static Caller owner() {
    return owner;
  }

  static Caller.Answer call(Caller caller, Endpoint endpoint, UUID household) {
    if (caller.cookie("XSRF-TOKEN").isEmpty()) {
      caller.get("/api/csrf");
    }
    HttpRequest.BodyPublisher body =
        endpoint.body().isEmpty()
            ? HttpRequest.BodyPublishers.noBody()
            : HttpRequest.BodyPublishers.ofString(endpoint.body());
    HttpRequest.Builder request =
        caller
            .request(endpoint.path(household))
            .header("Content-Type", type(endpoint))
            .method(endpoint.method(), body);
    return caller.send(
        Set.of("PUT", "DELETE").contains(endpoint.method())
            ? request.header("If-Match", "\"1\"")
            : request);
  }

  private static String type(Endpoint endpoint) {
    if (endpoint.pattern().contains("/parts/")) {
      return "application/zip";
    }
    if (endpoint.pattern().contains("/logs/")) {
      return "text/csv";
    }
    return sendsPicture(endpoint) ? "image/png" : "application/json";
  }

  private static boolean sendsPicture(Endpoint endpoint) {
    return endpoint.pattern().endsWith("/picture")
        || endpoint.pattern().contains("/images/")
        || endpoint.pattern().contains("/documents/");
  }

  private static String withoutPath(Caller.Answer answer) {
    return answer.body().replaceAll("\"(instance|request)\":\"[^\"]*\"", "");
  }
}
