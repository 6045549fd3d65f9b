package org.evenlobe.server;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.UUID;

/** Bodies of requests that are right, to be bent in tests. */
public final class Samples {
  private Samples() {}

  public static String dog() {
    return dog("Fen");
  }

  public static String dog(String name) {
    return """
    {"name": "%s", "breeds": ["beagle"], "bornOn": "2021-05-01", "ageEstimated": false,
     "weights": [{"on": "2025-02-01", "weight": 12.5}], "joinedOn": "2025-01-01",
     "ears": {"carriage": "PENDULOUS", "cropped": false, "canalHair": "NONE",
              "feathering": "NONE"},
     "life": {"water": "NEVER", "ground": "MIXED", "climate": "TEMPERATE", "allergy": "NONE",
              "infections": "NONE"},
     "lightCoat": false, "eardrum": {"status": "NEVER_EXAMINED"}}"""
        .formatted(name);
  }

  public static String settings(String name) {
    return """
    {"name": "%s", "zone": "Europe/Berlin", "volumeUnit": "ML", "weightUnit": "KG",
     "hours": "H24", "facing": "FRONT", "method": "FILL", "swabs": "NEVER",
     "wipes": "COTTON_PADS", "hair": "LEAVE", "medicineWait": "AN_HOUR", "scheduling": "LEARNED",
     "fixedDays": 14}"""
        .formatted(name);
  }

  public static String cleaning(UUID dog, Instant at, int right, int left) {
    return """
    {"dogId": "%s", "at": "%s", "zone": "Europe/Berlin",
     "ears": {"right": {"method": "FILL", "load": %d}, "left": {"method": "FILL", "load": %d}},
     "note": "calm"}"""
        .formatted(dog, at, right, left);
  }

  public static String practice(UUID dog, Instant at, String rung, String handled) {
    return """
    {"dogId": "%s", "at": "%s", "zone": "Europe/Berlin", "rung": "%s", "handled": "%s"}"""
        .formatted(dog, at, rung, handled);
  }

  public static String bottle(int size, int left) {
    return """
    {"kind": "CLEANER", "name": "The green bottle", "cleaner": "GENTLE", "size": %d, "left": %d,
     "countedAt": "2026-01-01T10:00:00Z"}"""
        .formatted(size, left);
  }

  public static String progress(UUID session, String step) {
    return """
    {"id": "%s", "purpose": "CLEANING", "ears": ["RIGHT", "LEFT"], "helper": true,
     "startedAt": "2026-01-01T10:00:00Z", "seconds": 40, "step": "%s", "secondsLeft": 12,
     "trail": ["kit"], "right": {"pours": [{"step": "right-1-fill", "millilitres": 6.5}], "wipes": 2},
     "left": {"pours": [], "wipes": 0}}"""
        .formatted(session, step);
  }

  public static final String QUIET_EAR =
      """
      {"redness": "NONE", "swelling": "NONE", "sores": "NONE", "discharge": "NONE",
       "dischargeKind": "NONE", "odour": "NONE", "pain": "NONE", "seen": []}""";

  /** With a trace of plain wax: quiet, but not empty. */
  public static final String WAXY_EAR =
      QUIET_EAR
          .replace("\"discharge\": \"NONE\"", "\"discharge\": \"MILD\"")
          .replace("\"dischargeKind\": \"NONE\"", "\"dischargeKind\": \"TAN_WAX\"");

  public static final String FOUL_EAR =
      QUIET_EAR.replace("\"odour\": \"NONE\"", "\"odour\": \"FOUL\"");

  /** A check of two ears, of a dog that shows nothing else. */
  public static String check(UUID dog, Instant at, String right, String left) {
    return """
    {"dogId": "%s", "at": "%s", "zone": "Europe/Berlin", "ears": {"right": %s, "left": %s},
     "dog": {"shaking": "NONE", "scratching": "NONE", "headTilt": false}, "note": "held still"}"""
        .formatted(dog, at, right, left);
  }

  public static final String SEEN_EAR =
      """
      {"eardrum": "INTACT", "cleaned": false, "hold": "NOTHING_SAID"}""";

  /** A visit of which that was said of the two ears. */
  public static String visit(UUID dog, Instant at, String right, String left) {
    return """
    {"dogId": "%s", "at": "%s", "zone": "Europe/Berlin", "ears": {"right": %s, "left": %s},
     "note": "all in order"}"""
        .formatted(dog, at, right, left);
  }

  /** A word that the hold of an ear is over. */
  public static String release(UUID dog, Instant at, String ear) {
    return """
    {"dogId": "%s", "at": "%s", "zone": "Europe/Berlin", "ear": "%s"}"""
        .formatted(dog, at, ear);
  }

  /** A swim on each of those days. */
  public static String swim(UUID dog, Instant at, Object firstDay, Object lastDay) {
    return """
    {"dogId": "%s", "at": "%s", "zone": "Europe/Berlin", "kind": "SWIM",
     "firstDay": "%s", "lastDay": "%s"}"""
        .formatted(dog, at, firstDay, lastDay);
  }

  /** A skipped item. */
  public static String skip(UUID dog, Instant at, String item) {
    return """
    {"dogId": "%s", "at": "%s", "zone": "Europe/Berlin", "item": "%s", "reason": "away"}"""
        .formatted(dog, at, item);
  }

  /** Something said of a dog: more fields as JSON, with a comma before them. */
  public static String said(UUID dog, Instant at, String more) {
    return """
    {"dogId": "%s", "at": "%s", "zone": "Europe/Berlin"%s}"""
        .formatted(dog, at, more);
  }

  /** A swim on those weekdays, all year. */
  public static String expectedSwim(UUID dog, Instant at, String weekdays) {
    return said(
        dog,
        at,
        """
        , "kind": "SWIM", "weekdays": [%s],
         "from": {"month": 1, "day": 1}, "until": {"month": 12, "day": 31}"""
            .formatted(weekdays));
  }

  /** A planned item that is put on a day. */
  public static String pin(UUID dog, Instant at, String item, Object on, String more) {
    return said(dog, at, ", \"item\": \"%s\", \"on\": \"%s\"%s".formatted(item, on, more));
  }

  /** When a vet is to see a dog. */
  public static String appointment(UUID dog, Instant at, Object on, String time) {
    return said(
        dog, at, ", \"on\": \"%s\", \"time\": %s, \"what\": \"booster\"".formatted(on, time));
  }

  /** Vinegar and water. */
  public static final String MIX =
      "{\"parts\": [{\"ingredient\": \"white-vinegar\", \"amount\": 50},"
          + " {\"ingredient\": \"water\", \"amount\": 50}]}";

  /** 2 % acetic acid of vinegar and water. */
  public static final String AIM =
      "{\"millilitres\": 100, \"targets\": [{\"active\": \"ACETIC_ACID\", \"least\": 2, \"most\": 2}],"
          + " \"from\": [{\"ingredient\": \"white-vinegar\"}, {\"ingredient\": \"water\"}]}";

  /** A body of a kind of fact, by its path. */
  public static String of(String kind, UUID dog) {
    Instant then = Instant.parse("2026-01-01T10:00:00Z");
    return switch (kind) {
      case "dogs" -> dog("Reed");
      case "settings" -> settings("Theirs");
      case "checks" -> check(dog, then, QUIET_EAR, QUIET_EAR);
      case "hold-releases" -> release(dog, then, "RIGHT");
      case "cleanings" -> cleaning(dog, then, 1, 2);
      case "practices" -> practice(dog, then, "TOUCH", "CALM");
      case "hair" ->
          said(dog, then, ", \"ear\": \"RIGHT\", \"work\": \"TRIMMED\", \"by\": \"GROOMER\"");
      case "visits" -> visit(dog, then, SEEN_EAR, SEEN_EAR);
      case "looks" ->
          said(
              dog,
              then,
              ", \"right\": {\"change\": \"BETTER\", \"hurts\": false}, \"dogIsWell\": true");
      case "appointments" -> appointment(dog, then, "2026-01-02", "null");
      case "exposures" -> swim(dog, then, "2026-01-01", "2026-01-01");
      case "dryings", "seed-looks" -> said(dog, then, "");
      case "expected-exposures" -> expectedSwim(dog, then, "\"MONDAY\"");
      case "struck-days" ->
          said(dog, then, ", \"expected\": \"%s\", \"on\": \"2026-01-01\"".formatted(dog));
      case "skips" -> skip(dog, then, dog + ":CHECK:1");
      case "pins" -> pin(dog, then, dog + ":CHECK:1", "2026-01-02", "");
      case "recipes" -> MIX.replace("{\"parts\"", "{\"name\": \"Ours\", \"parts\"");
      case "reactions" ->
          said(dog, then, ", \"kind\": \"STUNG\", \"ingredient\": \"white-vinegar\"");
      case "supplies" -> bottle(250, 100);
      case "courses" -> course(dog, then, "2026-01-01", "");
      case "givings" ->
          said(
              dog,
              then,
              ", \"courseId\": \"%s\", \"ears\": [\"RIGHT\"], \"given\": true"
                  .formatted(idOf("courses")));
      case "course-ends" ->
          said(
              dog,
              then,
              ", \"courseId\": \"%s\", \"cause\": \"FINISHED\"".formatted(idOf("courses")));
      case "own-courses" ->
          said(
              dog,
              then,
              ", \"what\": \"Oil drops\", \"ears\": [\"LEFT\"], \"howOften\": {\"timesADay\": 1},"
                  + " \"from\": \"2026-01-01\"");
      case "photos" ->
          said(
              dog,
              then,
              ", \"shows\": \"EAR\", \"ear\": \"LEFT\", \"imageId\": \"%s\""
                  .formatted(idOf("images")));
      case "gradings" ->
          "{\"at\": \"%s\", \"drawing\": 7, \"redness\": \"MILD\", \"swelling\": \"NONE\", \"sores\": \"NONE\","
                  .formatted(then)
              + " \"discharge\": \"NONE\"}";
      case "told" ->
          said(
              dog,
              then,
              ", \"by\": \"Ilse\", \"taker\": \"GROOMER\", \"done\": [\"BATHED\"],"
                  + " \"seen\": [\"SMELL\"], \"ear\": \"LEFT\"");
      case "answers" -> said(dog, then, ", \"question\": \"IS_A_PUPPY\", \"yes\": false");
      case "triggers" -> said(dog, then, ", \"trigger\": \"WATER\", \"follows\": true");
      case "diet-trials" -> dietTrial(dog, then, "2026-01-01", "");
      case "diet-slips" -> said(dog, then, ", \"trialId\": \"%s\"".formatted(idOf("diet-trials")));
      case "diet-steps" ->
          said(
              dog,
              then,
              ", \"trialId\": \"%s\", \"news\": \"GIVEN_UP\"".formatted(idOf("diet-trials")));
      default -> throw new IllegalArgumentException("there is no sample of " + kind);
    };
  }

  /** One mail a day at half past seven, and each dose at its time. */
  public static final String REMINDERS =
      "{\"byMail\": true, \"doses\": true, \"dailyAt\": \"07:30\", \"quietFrom\": \"22:00\","
          + " \"quietUntil\": \"06:30\"}";

  /** A teaspoon of fish oil with 800 mg in it. */
  public static final String OIL =
      "{\"source\": \"FISH\", \"per\": \"TEASPOON\", \"epa\": 500, \"dha\": 300, \"amount\": 1,"
          + " \"by\": \"TEASPOON\"}";

  private static UUID idOf(String kind) {
    return UUID.nameUUIDFromBytes(kind.getBytes(StandardCharsets.UTF_8));
  }

  /** Eight weeks of duck and millet. */
  public static String dietTrial(UUID dog, Instant at, String startsOn, String more) {
    return said(
        dog,
        at,
        ", \"protein\": \"duck\", \"starch\": \"millet\", \"foodsSoFar\": [\"chicken and"
            + " rice\"], \"allowed\": [], \"startsOn\": \"%s\"%s".formatted(startsOn, more));
  }

  /** 8 drops into the right ear at 8 and at 20, for 7 days. */
  public static String course(UUID dog, Instant at, String startsOn, String more) {
    return said(
        dog,
        at,
        ", \"what\": \"Marsh drops\", \"kind\": \"DROPS\", \"ears\": [\"RIGHT\"],"
            + " \"phases\": [{\"least\": 8, \"unit\": \"DROP\", \"times\": [\"08:00\","
            + " \"20:00\"], \"days\": 7}], \"startsOn\": \"%s\"%s".formatted(startsOn, more));
  }

  /** A new dog of the caller's. */
  public static UUID newDog(Caller caller) {
    UUID dog = UUID.randomUUID();
    Caller.Answer answer = caller.create(caller.at("/dogs/" + dog), dog());
    if (answer.status() != 200) {
      throw new IllegalStateException(answer.body());
    }
    return dog;
  }
}
