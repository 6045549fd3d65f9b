package org.evenlobe.e2e;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.RequestOptions;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A signed-in person's household, set up over the API where the pages are not what is tested. */
final class Household {
  private static final Pattern ID = Pattern.compile("\"households\":\\[\\{\"id\":\"([^\"]+)\"");
  private static final String QUIET =
      """
      {"redness": "NONE", "swelling": "NONE", "sores": "NONE", "discharge": "MILD",
       "dischargeKind": "TAN_WAX", "odour": "NONE", "pain": "NONE"}""";

  private static final ZoneId LONDON = ZoneId.of("Europe/London");

  private final Page page;
  private final String path;

  Household(Person person) {
    this(person.page());
  }

  Household(Page page) {
    this.page = page;
    String me = page.request().get("/api/me").text();
    Matcher id = ID.matcher(me);
    if (!id.find()) {
      throw new IllegalStateException("no household in " + me);
    }
    path = "/api/households/" + id.group(1);
  }

  /** A dog of 20 kg with dense canal hair, and what more is said of it. */
  UUID addDog(String name, String more) {
    UUID dog = UUID.randomUUID();
    put("/dogs/" + dog, dog(name, more));
    return dog;
  }

  private static String dog(String name, String more) {
    return """
    {"name": "%s", "breeds": [], "ageEstimated": false, "joinedOn": "2026-01-01",
     "weights": [{"on": "2026-01-01", "weight": 30}],
     "ears": {"carriage": "DROP", "cropped": false, "canalHair": "DENSE", "feathering": "NONE"},
     "life": {"water": "NEVER", "ground": "MIXED", "climate": "TEMPERATE", "allergy": "NONE",
              "infections": "NONE"},
     "lightCoat": false, "eardrum": {"status": "NEVER_EXAMINED"}%s}"""
        .formatted(name, more.isEmpty() ? "" : ", " + more);
  }

  /** A quiet check, a minute ago. */
  void checkQuiet(UUID dog) {
    put(
        "/checks/" + UUID.randomUUID(),
        """
        {"dogId": "%s", "at": "%s", "zone": "Europe/London",
         "ears": {"right": %s, "left": %s}, "dog": {"shaking": "NONE", "scratching": "NONE"}}"""
            .formatted(dog, Instant.now().minusSeconds(60), QUIET, QUIET));
  }

  /** A check of some day, in its morning: what differs from a quiet right ear. */
  void check(UUID dog, int daysAgo, int minute, String right) {
    String ear = QUIET;
    for (String sign : right.split(", ", -1)) {
      String name = sign.substring(0, sign.indexOf(':'));
      ear = ear.replaceFirst(name + ": \"[A-Z]+\"", sign);
    }
    put(
        "/checks/" + UUID.randomUUID(),
        """
        {"dogId": "%s", "at": "%s", "zone": "Europe/London",
         "ears": {"right": %s, "left": %s}, "dog": {"shaking": "NONE", "scratching": "NONE"}}"""
            .formatted(dog, morning(daysAgo, minute), ear, QUIET));
  }

  /** The groomer tells, a moment ago, that its right ear hurts. */
  void toldThatItHurts(UUID dog) {
    put(
        "/told/" + UUID.randomUUID(),
        """
        {"dogId": "%s", "at": "%s", "zone": "Europe/London", "by": "Rona", "taker": "GROOMER",
         "done": [], "seen": [],
         "ears": {"right": {"seen": ["HURTS"], "cleaned": false},
                  "left": {"seen": [], "cleaned": false}}}"""
            .formatted(dog, Instant.now().minusSeconds(20)));
  }

  /** A swim of some day. */
  void swim(UUID dog, int daysAgo) {
    LocalDate day = LocalDate.now(LONDON).minusDays(daysAgo);
    put(
        "/exposures/" + UUID.randomUUID(),
        """
        {"dogId": "%s", "at": "%s", "zone": "Europe/London", "kind": "SWIM",
         "firstDay": "%s", "lastDay": "%s"}"""
            .formatted(dog, morning(daysAgo, 5), day, day));
  }

  /** A visit at which the right ear was ordered to be cleaned twice a day for ten days. */
  void order(UUID dog, int daysAgo, int minute) {
    String nothing = "{\"eardrum\": \"NOT_SEEN\", \"cleaned\": false, \"hold\": \"NOTHING_SAID\"}";
    String ordered =
        nothing.replace(
            "}",
            ", \"instruction\": {\"timesADay\": 2, \"until\": \"%s\"}}"
                .formatted(LocalDate.now(LONDON).plusDays(9L - daysAgo)));
    put(
        "/visits/" + UUID.randomUUID(),
        """
        {"dogId": "%s", "at": "%s", "zone": "Europe/London",
         "ears": {"right": %s, "left": %s}}"""
            .formatted(dog, morning(daysAgo, minute), ordered, nothing));
  }

  /** A light look that found the right ear better. */
  void look(UUID dog, int daysAgo, int minute) {
    put(
        "/looks/" + UUID.randomUUID(),
        """
        {"dogId": "%s", "at": "%s", "zone": "Europe/London",
         "right": {"change": "BETTER", "hurts": false}, "dogIsWell": true}"""
            .formatted(dog, morning(daysAgo, minute)));
  }

  /**
   * Drops into the right ear twice a day for 7 days, the first of them due at this minute.
   *
   * @param more such as , "labelWait": 60
   */
  void course(UUID dog, String more) {
    LocalTime due = LocalTime.now(LONDON).withSecond(0).withNano(0);
    boolean isMorning = due.isBefore(LocalTime.NOON);
    put(
        "/courses/" + UUID.randomUUID(),
        """
        {"dogId": "%s", "at": "%s", "zone": "Europe/London", "what": "Marsh drops",
         "kind": "DROPS", "ears": ["RIGHT"], "startsOn": "%s", "firstSlot": %d,
         "phases": [{"least": 8, "unit": "DROP", "times": ["%s", "%s"], "days": 7}]%s}"""
            .formatted(
                dog,
                Instant.now().minusSeconds(120),
                LocalDate.now(LONDON),
                isMorning ? 0 : 1,
                due,
                due.plusHours(12),
                more));
  }

  /** Drops into the right ear at 8 and at 20 for ten days, begun so many days ago. */
  void drops(UUID dog, int daysAgo) {
    put(
        "/courses/" + UUID.randomUUID(),
        """
        {"dogId": "%s", "at": "%s", "zone": "Europe/London", "what": "Marsh drops",
         "kind": "DROPS", "ears": ["RIGHT"], "startsOn": "%s",
         "phases": [{"least": 8, "unit": "DROP", "times": ["08:00", "20:00"], "days": 10}]}"""
            .formatted(dog, morning(daysAgo, 3), LocalDate.now(LONDON).minusDays(daysAgo)));
  }

  /** The same for so many days, or for as many as the label says at most. */
  void range(UUID dog, int days, int mostDays) {
    LocalTime due = LocalTime.now(LONDON).withSecond(0).withNano(0);
    LocalTime first = due.isBefore(LocalTime.NOON) ? due : due.minusHours(12);
    put(
        "/courses/" + UUID.randomUUID(),
        """
        {"dogId": "%s", "at": "%s", "zone": "Europe/London", "what": "Marsh drops",
         "kind": "DROPS", "ears": ["RIGHT"], "startsOn": "%s",
         "phases": [{"least": 8, "unit": "DROP", "times": ["%s", "%s"], "days": %d,
                     "mostDays": %d}]}"""
            .formatted(
                dog,
                Instant.now().minusSeconds(120),
                LocalDate.now(LONDON),
                first,
                first.plusHours(12),
                days,
                mostDays));
  }

  /** The right ear wiped just now. */
  void wipeRightNow(UUID dog) {
    put(
        "/cleanings/" + UUID.randomUUID(),
        """
        {"dogId": "%s", "at": "%s", "zone": "Europe/London",
         "ears": {"right": {"method": "WIPE", "load": 1, "wipes": 2}}}"""
            .formatted(dog, Instant.now().minusSeconds(2)));
  }

  /** The right ear filled. */
  void cleanRight(UUID dog, int daysAgo, int minute) {
    put(
        "/cleanings/" + UUID.randomUUID(),
        """
        {"dogId": "%s", "at": "%s", "zone": "Europe/London",
         "ears": {"right": {"method": "FILL", "load": 1}}}"""
            .formatted(dog, morning(daysAgo, minute)));
  }

  /** How many cleanings of a dog are on record, of the last ones. */
  int cleanings(UUID dog) {
    String some = page.request().get(path + "/dogs/" + dog + "/cleanings").text();
    return some.split("\"moment\"", -1).length - 1;
  }

  /** The plan as a calendar. */
  String calendar() {
    return page.request().get(path + "/calendar.ics").text();
  }

  private static Instant morning(int daysAgo, int minute) {
    return LocalDate.now(LONDON).minusDays(daysAgo).atTime(0, minute).atZone(LONDON).toInstant();
  }

  /** Both ears filled so many days ago, and a light load came out. */
  void clean(UUID dog, int daysAgo) {
    String ear = "{\"method\": \"FILL\", \"load\": 2}";
    put(
        "/cleanings/" + UUID.randomUUID(),
        """
        {"dogId": "%s", "at": "%s", "zone": "Europe/London", "ears": {"right": %s, "left": %s}}"""
            .formatted(dog, Instant.now().minus(Duration.ofDays(daysAgo)), ear, ear));
  }

  /** A bottle of cleaner that was counted when it was full. */
  void addBottle(String name) {
    addBottle(name, ", \"label\": {\"actives\": {\"GLYCERINE\": 2}, \"madeFor\": \"DOGS_EARS\"}");
  }

  /** A bottle with something on its label, such as {"actives": {"ACETIC_ACID": 2}}. */
  void addSourBottle(String name) {
    addBottle(
        name,
        ", \"label\": {\"actives\": {\"ACETIC_ACID\": 2}, \"ph\": 2.6,"
            + " \"madeFor\": \"DOGS_EARS\"}");
  }

  private void addBottle(String name, String more) {
    put(
        "/supplies/" + UUID.randomUUID(),
        """
        {"kind": "CLEANER", "name": "%s", "cleaner": "GENTLE", "size": 250, "left": 250,
         "countedAt": "2026-01-01T10:00:00Z", "openedOn": "%s"%s}"""
            .formatted(name, LocalDate.now(LONDON).minusDays(3), more));
  }

  private void put(String to, String body) {
    String token =
        page.context().cookies().stream()
            .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
            .map((Cookie cookie) -> cookie.value)
            .findFirst()
            .orElseThrow();
    APIResponse answer =
        page.request()
            .put(
                path + to,
                RequestOptions.create()
                    .setHeader("X-XSRF-TOKEN", token)
                    .setHeader("Content-Type", "application/json")
                    .setHeader("If-None-Match", "*")
                    .setData(body));
    if (!answer.ok()) {
      throw new IllegalStateException(answer.status() + " " + answer.text());
    }
  }
}
