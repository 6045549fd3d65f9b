package org.evenlobe.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIRequest;
import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.util.Map;

/** Speaks HTTP as the web client does. */
final class ApiClient {
  private final Playwright playwright;
  private final APIRequestContext http;

  ApiClient(Playwright playwright, String address) {
    this(playwright, address, null);
  }

  private ApiClient(Playwright playwright, String address, String cookies) {
    this.playwright = playwright;
    http =
        playwright
            .request()
            .newContext(
                new APIRequest.NewContextOptions().setBaseURL(address).setStorageState(cookies));
  }

  /** The same person with the same cookies, at a server that was started meanwhile. */
  ApiClient at(String address) {
    return new ApiClient(playwright, address, http.storageState());
  }

  private RequestOptions options() {
    http.get("/api/csrf");
    String state = http.storageState();
    String token = state.replaceAll("(?s).*\"XSRF-TOKEN\",\"value\":\"([^\"]*)\".*", "$1");
    return RequestOptions.create().setHeader("X-XSRF-TOKEN", token);
  }

  void register(String email) {
    APIResponse answer =
        http.post(
            "/api/people",
            options()
                .setData(
                    Map.of(
                        "name", "Wren",
                        "email", email,
                        "password", "a long enough secret",
                        "household", "Saltings",
                        "zone", "Europe/London")));
    assertThat(answer.status()).as(answer.text()).isEqualTo(204);
  }

  void signIn(String email) {
    APIResponse answer =
        http.post(
            "/api/sign-in",
            options()
                .setForm(
                    FormData.create().set("email", email).set("password", "a long enough secret")));
    assertThat(answer.status()).as(answer.text()).isEqualTo(204);
  }

  String household() {
    return get("/api/me").replaceAll("(?s).*\"households\":\\[\\{\"id\":\"([^\"]*)\".*", "$1");
  }

  String get(String path) {
    return http.get(path).text();
  }

  byte[] bytes(String path) {
    return http.get(path).body();
  }

  APIResponse putPicture(String path, byte[] png) {
    return http.put(path, options().setHeader("Content-Type", "image/png").setData(png));
  }

  APIResponse put(String path, String body) {
    return http.put(
        path,
        options()
            .setHeader("Content-Type", "application/json")
            .setHeader("If-None-Match", "*")
            .setData(body));
  }

  APIResponse putDog(String path) {
    return putDog(path, "If-None-Match", "*", "Fen");
  }

  APIResponse putDog(String path, String precondition, String value, String name) {
    return http.put(
        path,
        options()
            .setHeader(precondition, value)
            .setHeader("Content-Type", "application/json")
            .setData(
                """
                {"name": "%s", "breeds": [], "ageEstimated": false, "weights": [],
                 "joinedOn": "2025-01-01",
                 "ears": {"carriage": "DROP", "cropped": false, "canalHair": "NONE",
                          "feathering": "NONE"},
                 "life": {"water": "NEVER", "ground": "MIXED", "climate": "TEMPERATE",
                          "allergy": "NONE", "infections": "NONE"},
                 "lightCoat": false, "eardrum": {"status": "NEVER_EXAMINED"}}"""
                    .formatted(name)));
  }
}
