package org.evenlobe.fuzz;

import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/**
 * Calls what the API document names with bodies, paths and headers that almost fit, and sees to it
 * that nothing fails on the server's side, that what is refused is not stored, and that what is
 * stored can be read.
 */
public final class ApiFuzz {
  private static final int READ_EVERY = 40;
  private static final Pattern VARIABLE = Pattern.compile("\\{(\\w+)}");
  private static final List<String> STRANGE_IDS =
      List.of("x", "%00", "%2e%2e", "1-1-1-1-1", "%F0%9F%90%95", "a%2Fb", "-", "null", "*");
  private static final Map<String, List<String>> HEADERS =
      Map.of(
          "Accept", List.of("image/png", "*/*", "text/html", "nonsense"),
          "Content-Type",
              List.of(
                  "*/*",
                  "application/*",
                  "application/json;charset=nope",
                  "application/json;q",
                  "text/csv",
                  "text/plain",
                  "nonsense",
                  "multipart/form-data",
                  "image/png"),
          "If-Match", List.of("\"1\"", "\"2\"", "1", "\"999999999\"", "*"),
          "If-None-Match", List.of("\"1\"", "x"));

  /** They would end the caller's own session, or take a second of hashing each. */
  private static final Set<String> LEFT_OUT =
      Set.of("POST /api/me/sign-out-everywhere", "PUT /api/me/password", "POST /api/people");

  private final Caller owner = Caller.newOwner();
  private final JsonNode document = owner.get("/api/openapi.json").json();
  private final List<UUID> dogs = List.of(Samples.newDog(owner), Samples.newDog(owner));
  private final List<UUID> known = new ArrayList<>(dogs);
  private final List<String> failures = new ArrayList<>();
  private final JdbcClient database = JdbcClient.create(RunningServer.oneConnection());
  private final SplittableRandom random;
  private final BodyMaker bodies;
  private int accepted;

  public ApiFuzz(long seed) {
    random = new SplittableRandom(seed);
    bodies = new BodyMaker(random, document, dogs, known);
    known.add(UUID.randomUUID());
  }

  private record Operation(String method, String pattern, JsonNode how) {}

  /** What went wrong in that many requests, a line each. */
  public List<String> run(int requests) {
    List<Operation> operations = operations();
    for (int n = 0; n < requests; n++) {
      call(bodies.any(operations));
      if (n % READ_EVERY == READ_EVERY - 1) {
        readAll();
      }
    }
    readAll();
    return failures;
  }

  /** How many of them were taken. */
  public int accepted() {
    return accepted;
  }

  private List<Operation> operations() {
    List<Operation> operations = new ArrayList<>();
    for (String pattern : document.get("paths").propertyNames()) {
      JsonNode methods = document.get("paths").get(pattern);
      for (String method : methods.propertyNames()) {
        Operation operation =
            new Operation(method.toUpperCase(Locale.ROOT), pattern, methods.get(method));
        if (!LEFT_OUT.contains(operation.method() + " " + pattern)) {
          operations.add(operation);
          if (operation.method().equals("PUT")) {
            operations.add(operation);
            operations.add(operation);
          }
        }
      }
    }
    return operations;
  }

  private void call(Operation operation) {
    UUID fresh = UUID.randomUUID();
    String path = path(operation, fresh);
    String body = body(operation);
    HttpRequest.Builder request = owner.request(path);
    request.setHeader("Content-Type", contentType(operation));
    if (operation.method().equals("PUT")) {
      request.setHeader("If-None-Match", "*");
    }
    if (operation.method().equals("DELETE")) {
      request.setHeader("If-Match", "\"1\"");
    }
    if (random.nextInt(6) == 0) {
      String header = bodies.any(List.copyOf(HEADERS.keySet()));
      request.setHeader(header, bodies.any(HEADERS.get(header)));
    }
    request.method(
        operation.method(),
        body.isEmpty()
            ? HttpRequest.BodyPublishers.noBody()
            : HttpRequest.BodyPublishers.ofString(body));
    long before = changeNumber();
    Caller.Answer answer = owner.send(request);
    String what = operation.method() + " " + path + " " + abbreviated(body);
    if (answer.status() >= 500) {
      failures.add(answer.status() + " for " + what);
    } else if (answer.status() >= 400 && changeNumber() != before) {
      failures.add(answer.status() + " but stored: " + what);
    } else if (answer.status() < 300 && operation.method().equals("PUT")) {
      accepted++;
      known.add(fresh);
    }
  }

  private String path(Operation operation, UUID fresh) {
    Matcher variable = VARIABLE.matcher(operation.pattern());
    StringBuilder path = new StringBuilder();
    while (variable.find()) {
      boolean last = operation.pattern().indexOf('{', variable.end()) < 0;
      String value =
          switch (operation.pattern().contains("/dogs/{id}") && variable.group(1).equals("id")
              ? "dog"
              : variable.group(1)) {
            case "household" -> owner.household().toString();
            case "dog" -> dog(operation, fresh).toString();
            case "version" -> Integer.toString(random.nextInt(-1, 4));
            default ->
                last && operation.method().equals("PUT") && random.nextInt(5) > 0
                    ? fresh.toString()
                    : bodies.any(known).toString();
          };
      variable.appendReplacement(
          path,
          Matcher.quoteReplacement(random.nextInt(25) == 0 ? bodies.any(STRANGE_IDS) : value));
    }
    variable.appendTail(path);
    return path + query(operation);
  }

  /** Mostly one that is there; a new one where one may be made. */
  private UUID dog(Operation operation, UUID fresh) {
    boolean makes = operation.method().equals("PUT") && operation.pattern().endsWith("/dogs/{id}");
    if (makes && random.nextInt(3) > 0) {
      return fresh;
    }
    return bodies.any(random.nextInt(6) == 0 ? known : dogs);
  }

  private String query(Operation operation) {
    StringBuilder query = new StringBuilder();
    for (JsonNode parameter : operation.how().path("parameters")) {
      if (parameter.get("in").asString().equals("query") && random.nextInt(8) > 0) {
        String value =
            random.nextInt(3) == 0
                ? bodies.any(List.of("", "-1", "NaN", "1e309", "x", "%00", "RIGHT,LEFT,RIGHT"))
                : bodies.fitting(parameter.get("schema")).asString("RIGHT").replace(' ', '+');
        query.append(query.isEmpty() ? '?' : '&');
        query.append(parameter.get("name").asString()).append('=').append(value);
      }
    }
    return query.toString();
  }

  private String body(Operation operation) {
    JsonNode json = operation.how().at("/requestBody/content/application~1json/schema");
    if (json.isMissingNode()) {
      return operation.how().has("requestBody") ? "no picture" : "";
    }
    JsonNode fitting = bodies.fitting(json);
    return random.nextInt(3) == 0 ? fitting.toString() : bodies.bent(fitting);
  }

  private static String contentType(Operation operation) {
    JsonNode content = operation.how().at("/requestBody/content");
    return content.isMissingNode() ? "application/json" : content.propertyNames().iterator().next();
  }

  /** Whatever was stored, everything can be shown. */
  private void readAll() {
    List<String> paths =
        new ArrayList<>(
            List.of(
                "/api/me",
                owner.at("/today"),
                owner.at("/stock"),
                owner.at("/members"),
                owner.at("/archived-dogs"),
                owner.at("/calendar.ics")));
    JsonNode dogs = owner.get(owner.at("/today")).json().path("dogs");
    dogs.valueStream()
        .map(dog -> dog.path("id").asString(""))
        .filter(id -> !id.isEmpty())
        .limit(3)
        .forEach(
            id -> {
              paths.add(owner.at("/dogs/" + id));
              paths.add(owner.at("/dogs/" + id + "/checks"));
              paths.add(owner.at("/dogs/" + id + "/visits"));
              paths.add(owner.at("/dogs/" + id + "/versions"));
            });
    for (String path : paths) {
      int status = owner.get(path).status();
      if (status != 200) {
        failures.add(status + " when reading " + path);
      }
    }
  }

  private long changeNumber() {
    return database
        .sql("select change_number from household where id = ?")
        .param(owner.household())
        .query(Long.class)
        .single();
  }

  private static String abbreviated(String body) {
    return body.length() > 700 ? body.substring(0, 700) + "…" : body;
  }
}
