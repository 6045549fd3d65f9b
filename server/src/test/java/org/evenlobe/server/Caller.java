package org.evenlobe.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.evenlobe.core.measure.Quantities;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Someone who speaks HTTP to the server, with cookies as a browser keeps them. */
public final class Caller {
  /** What begins a quantity in the core's sentences; none may leave the server as that. */
  private static final char MARK = Quantities.volume(1).charAt(0);

  private static final JsonMapper JSON = JsonMapper.shared();
  public static final String PASSWORD = "a long enough secret";

  private final CookieManager cookies = new CookieManager();
  private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();
  private String address;
  private UUID household;

  private Caller(String address) {
    this.address = address;
  }

  /** An answer. */
  public record Answer(int status, String body, HttpResponse<String> whole) {
    public JsonNode json() {
      return JSON.readTree(body);
    }

    /** The names of the fields that were refused. */
    public java.util.List<String> refusedFields() {
      return json().path("errors").valueStream().map(e -> e.get("field").asString()).toList();
    }
  }

  /** Someone who has not signed in. */
  public static Caller signedOut() {
    return new Caller(RunningServer.address());
  }

  /** A new person with a household of their own, signed in. */
  public static Caller newOwner() {
    return newOwner(RunningServer.address());
  }

  /** The same at a server process of its own. */
  public static Caller newOwner(String address) {
    Caller caller = new Caller(address);
    String email = UUID.randomUUID() + "@test.example";
    assertThat(caller.register(email).status()).isEqualTo(204);
    assertThat(caller.signIn(email, PASSWORD).status()).isEqualTo(204);
    caller.household =
        UUID.fromString(caller.get("/api/me").json().get("households").get(0).get("id").asString());
    return caller;
  }

  public Answer register(String email) {
    return post(
        "/api/people",
        """
        {"name": "Wren", "email": "%s", "password": "%s", "household": "Saltings",
         "zone": "Europe/Berlin"}"""
            .formatted(email, PASSWORD));
  }

  public Answer signIn(String email, String password) {
    get("/api/csrf");
    return send(
        request("/api/sign-in")
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(
                HttpRequest.BodyPublishers.ofString(
                    "email="
                        + URLEncoder.encode(email, StandardCharsets.UTF_8)
                        + "&password="
                        + URLEncoder.encode(password, StandardCharsets.UTF_8))));
  }

  /** From now on it speaks to another process. */
  public void turnTo(String otherAddress) {
    address = otherAddress;
  }

  /** The process that it speaks to. */
  public String address() {
    return address;
  }

  public UUID household() {
    return household;
  }

  /** A path below this caller's household. */
  public String at(String path) {
    return "/api/households/" + household + path;
  }

  /** The path of this caller's household's settings. */
  public String settings() {
    return at("/settings/" + household);
  }

  public Answer get(String path) {
    return send(request(path).GET());
  }

  public Answer post(String path, String body) {
    get("/api/csrf");
    return send(json(path).POST(HttpRequest.BodyPublishers.ofString(body)));
  }

  /** A DELETE of a version. */
  public Answer delete(String path, int version) {
    get("/api/csrf");
    return send(request(path).header("If-Match", "\"" + version + "\"").DELETE());
  }

  /** A PUT that creates. */
  public Answer create(String path, String body) {
    return put(path, "If-None-Match", "*", body);
  }

  /** A PUT that corrects a version. */
  public Answer correct(String path, int version, String body) {
    return put(path, "If-Match", "\"" + version + "\"", body);
  }

  public Answer put(String path, String header, String value, String body) {
    if (cookie("XSRF-TOKEN").isEmpty()) {
      get("/api/csrf");
    }
    return send(json(path).header(header, value).PUT(HttpRequest.BodyPublishers.ofString(body)));
  }

  public Answer send(HttpRequest.Builder request) {
    try {
      HttpResponse<String> response =
          client.send(request.build(), HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
      if (response.body().indexOf(MARK) >= 0) {
        throw new AssertionError("a quantity that nobody wrote out: " + response.body());
      }
      return new Answer(response.statusCode(), response.body(), response);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  /** What a path holds, byte by byte. */
  public byte[] bytes(String path) {
    try {
      return client
          .send(request(path).GET().build(), HttpResponse.BodyHandlers.ofByteArray())
          .body();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  public HttpRequest.Builder json(String path) {
    return request(path).header("Content-Type", "application/json");
  }

  public HttpRequest.Builder request(String path) {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path));
    String token = cookie("XSRF-TOKEN");
    return token.isEmpty() ? request : request.header("X-XSRF-TOKEN", token);
  }

  public String cookie(String name) {
    return cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals(name))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse("");
  }
}
