package org.evenlobe.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * What one room knows of an ear, every other knows: each history told to the server, every view
 * asked.
 */
@ExtendWith(RunningServer.class)
class OneVoiceTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
  private static final String PUS_EAR =
      Samples.FOUL_EAR
          .replace("\"discharge\": \"NONE\"", "\"discharge\": \"MODERATE\"")
          .replace("\"dischargeKind\": \"NONE\"", "\"dischargeKind\": \"YELLOW\"")
          .replace("\"pain\": \"NONE\"", "\"pain\": \"MODERATE\"");
  private static final String RED_EAR =
      Samples.QUIET_EAR.replace("\"redness\": \"NONE\"", "\"redness\": \"MODERATE\"");
  private static final String UNSEEN_EAR =
      Samples.QUIET_EAR.replace("\"seen\": []", "\"seen\": [], \"couldLook\": false");

  private final Caller owner = Caller.newOwner();
  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final LocalDate today = now.atZone(ZONE).toLocalDate();
  private final UUID dog = UUID.randomUUID();

  @BeforeEach
  void dog() {
    say("dogs/" + dog, Samples.dog());
  }

  private Instant ago(int days) {
    return now.minus(days, ChronoUnit.DAYS).minusSeconds(60);
  }

  private void say(String path, String body) {
    assertThat(owner.create(owner.at("/" + path), body))
        .extracting(Caller.Answer::status)
        .as(path)
        .isEqualTo(200);
  }

  private UUID fact(String kind, String body) {
    UUID id = UUID.randomUUID();
    say(kind + "/" + id, body);
    return id;
  }

  private void check(int daysAgo, String right, String left) {
    fact("checks", Samples.check(dog, ago(daysAgo), right, left));
  }

  /** A visit that says that of the right ear, as JSON with a comma before it. */
  private void visit(int daysAgo, String right) {
    visit(daysAgo, "INTACT", right);
  }

  private void visit(int daysAgo, String eardrum, String right) {
    String ear = "{\"eardrum\": \"%s\", \"cleaned\": false, \"hold\": \"NOTHING_SAID\"%s}";
    fact(
        "visits",
        Samples.visit(
            dog, ago(daysAgo).plusSeconds(20), ear.formatted(eardrum, right), Samples.SEEN_EAR));
  }

  private void told(String more) {
    fact(
        "told",
        Samples.said(
            dog, now.minusSeconds(30), ", \"by\": \"Ilse\", \"taker\": \"GROOMER\"" + more));
  }

  private UUID bottle(String name, String more) {
    return fact(
        "supplies",
        "{\"kind\": \"CLEANER\", \"name\": \"%s\", \"size\": 250, \"left\": 200, \"countedAt\": \"%s\"%s}"
            .formatted(name, ago(1), more));
  }

  private JsonNode page() {
    return owner.get(owner.at("/dogs/" + dog)).json();
  }

  private JsonNode plan() {
    return page().get("plan");
  }

  private JsonNode session() {
    return owner.get(owner.at("/dogs/" + dog + "/session?ears=RIGHT,LEFT&helper=true")).json();
  }

  private JsonNode agenda() {
    return owner.get(owner.at("/today")).json().get("agenda");
  }

  private JsonNode board() {
    return owner.get(owner.at("/doses")).json().at("/courses/0/board");
  }

  private List<JsonNode> planned(String kind) {
    return plan()
        .get("items")
        .valueStream()
        .filter(item -> item.get("kind").asString().equals(kind))
        .toList();
  }

  /** Every view that says what may go in says this. */
  private void everyViewSays(String side, String mayGoIn) {
    JsonNode session = session();
    assertThat(plan().at("/ears/" + side + "/mayGoIn").asString()).as("plan").isEqualTo(mayGoIn);
    assertThat(page().at("/ears/" + side + "/mayGoIn").asString()).as("page").isEqualTo(mayGoIn);
    assertThat(session.at("/stands/" + side + "/mayGoIn").asString())
        .as("session")
        .isEqualTo(mayGoIn);
    assertThat(
            owner
                .get(owner.at("/today"))
                .json()
                .at("/dogs/0/plan/ears/" + side + "/mayGoIn")
                .asString())
        .as("today")
        .isEqualTo(mayGoIn);
    JsonNode method = session.at("/session/ears/" + side + "/method");
    if (mayGoIn.equals("NONE")) {
      assertThat(method.isMissingNode() || method.isNull()).as("method").isTrue();
    } else if (mayGoIn.equals("WIPE")) {
      assertThat(method.asString()).as("method").isEqualTo("WIPE");
    }
  }

  @Test
  void aHomeMixIsForNoEarUnderAnOrderThatNamesNothing() {
    check(0, PUS_EAR, Samples.QUIET_EAR);
    visit(0, ", \"instruction\": {\"timesADay\": 2}");
    String mix =
        "{\"parts\": [{\"ingredient\": \"white-vinegar\", \"amount\": 50}, {\"ingredient\": \"isopropyl-70\", \"amount\": 50}]}";

    JsonNode suits = owner.post(owner.at("/previews/mix"), mix).json().at("/dogs/0/ears/right");

    assertThat(suits.at("/inEar/suits").asString()).isEqualTo("NO");
    assertThat(suits.at("/onPad/suits").asString()).isEqualTo("NO");
    everyViewSays("right", "IN_EAR");
  }

  @Test
  void aPuppyIsWiped() {
    UUID pup = UUID.randomUUID();
    say(
        "dogs/" + pup,
        Samples.dog("Sprig")
            .replace("2021-05-01", today.minusWeeks(8).toString())
            .replace("2025-02-01", today.minusDays(1).toString())
            .replace("2025-01-01", today.minusDays(1).toString())
            .replace("12.5", "1.0"));
    bottle("Reed drops", ", \"cleaner\": \"DRYING\"");
    fact("checks", Samples.check(pup, ago(0), Samples.WAXY_EAR, Samples.WAXY_EAR));

    JsonNode session =
        owner.get(owner.at("/dogs/" + pup + "/session?ears=RIGHT,LEFT&helper=true")).json();

    assertThat(session.at("/stands/right/mayGoIn").asString()).isEqualTo("WIPE");
    assertThat(session.at("/session/ears/right/method").asString()).isEqualTo("WIPE");
    assertThat(session.at("/laidOut/right/chosen").isMissingNode()).isTrue();
  }

  @Test
  void aBottleThatNobodyReadIsNeverSimplyRight() {
    check(
        0,
        Samples.WAXY_EAR,
        Samples.QUIET_EAR.replace("\"sores\": \"NONE\"", "\"sores\": \"MILD\""));
    bottle("The jar", "");
    bottle(
        "Clear drops",
        ", \"cleaner\": \"DRYING\", \"label\": {\"actives\": {}, \"madeFor\": \"DOGS_EARS\"}");

    session()
        .get("bottles")
        .forEach(
            bottle -> {
              String name = bottle.at("/supply/name").asString();
              assertThat(bottle.at("/ears/right/now/inEar/suits").asString())
                  .as(name)
                  .isNotEqualTo("OK");
              assertThat(bottle.at("/ears/left/now/inEar/suits").asString())
                  .as(name)
                  .isEqualTo("NO");
            });
  }

  @Test
  void whatTheGroomerToldComesFirstAndNothingGoesIn() {
    check(3, Samples.QUIET_EAR, Samples.QUIET_EAR);
    told(
        ", \"done\": [], \"seen\": [\"TILTS\"], \"ears\": {\"right\": {\"seen\": [\"HURTS\"], \"cleaned\": false}, \"left\": {\"seen\": [], \"cleaned\": false}}");

    everyViewSays("right", "NONE");
    everyViewSays("left", "NONE");
    JsonNode first = agenda().get(0).get("item");
    assertThat(first.get("kind").asString()).isEqualTo("VISIT");
    assertThat(first.get("pressing").asBoolean()).isTrue();
    assertThat(first.at("/reasons/0/sentence").asString()).startsWith("As Ilse saw it");

    fact(
        "checks",
        Samples.check(dog, now.minusSeconds(10), Samples.QUIET_EAR, Samples.QUIET_EAR)
            .replace(
                "\"note\"",
                "\"asked\": [%s], \"note\""
                    .formatted(
                        String.join(
                            ", ", answered("TILTS", "null"), answered("HURTS", "\"RIGHT\"")))));

    assertThat(plan().at("/ears/right/because").asString()).isNotEqualTo("TOLD");
  }

  private String answered(String seen, String ear) {
    JsonNode open = page().at("/ears/right/told/0/told/id");
    return "{\"told\": \"%s\", \"ear\": %s, \"seen\": \"%s\", \"answer\": \"NO\"}"
        .formatted(open.asString(), ear, seen);
  }

  @Test
  void aDoseThatWasToldOfIsAskedAboutBeforeAnother() {
    fact("courses", hourly(""));
    told(", \"done\": [\"GAVE_MEDICINE\"], \"seen\": []");

    assertThat(board().get("doses").valueStream().map(dose -> dose.at("/todo/sentence").asString()))
        .anyMatch(sentence -> sentence.startsWith("Given by Ilse"))
        .noneMatch(sentence -> sentence.contains("give it now"));
  }

  /** A course of which a dose is due in this hour. */
  private String hourly(String more) {
    int hour = now.atZone(ZONE).getHour();
    return Samples.course(dog, ago(1), today.minusDays(1).toString(), more)
        .replace("\"08:00\", \"20:00\"", "\"%02d:00\"".formatted(hour));
  }

  @Test
  void aCleaningThatWasToldOfIsOne() {
    check(3, Samples.QUIET_EAR, Samples.QUIET_EAR);
    told(", \"done\": [\"CLEANED\"], \"seen\": []");

    assertThat(plan().at("/ears/right/lastCleaned").asString()).isEqualTo(today.toString());
    assertThat(plan().at("/ears/left/lastCleaned").asString()).isEqualTo(today.toString());
  }

  @Test
  void eachEarHasItsBottleAndTheNamedOneComesFirst() {
    String ready =
        ", \"cleaner\": \"GENTLE\", \"label\": {\"actives\": {}, \"madeFor\": \"DOGS_EARS\"}";
    bottle("Amber rinse", ready);
    bottle("Blue wash", ready);
    check(0, RED_EAR, Samples.WAXY_EAR);
    visit(
        0,
        ", \"instruction\": {\"timesADay\": 2, \"method\": \"FILL\", \"product\": \"Blue wash\"}");

    JsonNode laidOut = session().get("laidOut");

    assertThat(laidOut.at("/right/chosen/supply/name").asString()).isEqualTo("Blue wash");
    assertThat(laidOut.at("/right/chosen/named").asBoolean()).isTrue();
    assertThat(laidOut.at("/left/chosen/named").asBoolean()).isFalse();
  }

  @Test
  void aTornEarIsNotCleanedBeforeItsDosesAndTheVetIsAsked() {
    check(1, Samples.QUIET_EAR, Samples.QUIET_EAR);
    visit(1, "NOT_INTACT", "");
    fact("courses", hourly(", \"cleanBefore\": {\"kind\": \"EACH_DOSE\"}"));

    everyViewSays("right", "NONE");
    assertThat(board().at("/waiting/cleanFirst")).isEmpty();
    assertThat(board().at("/ask/0/reason/sentence").asString()).contains("eardrum");
    assertThat(planned("CLEAN")).noneMatch(item -> item.get("ears").toString().contains("RIGHT"));
  }

  @Test
  void aSessionOfAnOrderedEarSaysTheOrderAndNothingAgainstIt() {
    bottle(
        "Blue wash",
        ", \"cleaner\": \"GENTLE\", \"label\": {\"actives\": {}, \"madeFor\": \"DOGS_EARS\"}");
    check(0, PUS_EAR, Samples.QUIET_EAR);
    visit(0, ", \"instruction\": {\"timesADay\": 2, \"method\": \"FILL\"}");

    JsonNode session = session().get("session");

    assertThat(session.at("/ears/right/ordered").asBoolean()).isTrue();
    assertThat(session.at("/ears/right/method").asString()).isEqualTo("FILL");
    assertThat(session.at("/ears/right").toString()).contains("twice a day");
    assertThat(session.at("/steps/0").toString()).contains("twice a day");
    assertThat(session.get("steps").toString()).contains("Your vet knows how the right ear looks");
    assertThat(session.get("steps").valueStream())
        .filteredOn(step -> step.path("ear").asString("").equals("RIGHT"))
        .isNotEmpty()
        .noneMatch(step -> step.toString().contains("our nothing in"));
  }

  @Test
  void whatTheVetSawDoesNotEndTheRounds() {
    check(0, PUS_EAR, Samples.QUIET_EAR);
    visit(0, ", \"instruction\": {\"timesADay\": 2, \"method\": \"FILL\"}");

    JsonNode finds = session().at("/session/ears/right/finds");

    assertThat(finds.at("/colours/YELLOW_GREEN").isMissingNode()).as(finds.toString()).isTrue();
    assertThat(finds.at("/colours/BLOODY").asString()).as(finds.toString()).isNotEmpty();
  }

  @Test
  void aCleaningComesTheWaitBeforeTheDoseInEveryView() {
    check(0, RED_EAR, Samples.QUIET_EAR);
    visit(0, ", \"instruction\": {\"timesADay\": 2, \"method\": \"FILL\"}");
    fact("courses", Samples.course(dog, now.minusSeconds(20), today.plusDays(1).toString(), ""));
    String tomorrow = today.plusDays(1).toString();

    assertThat(
            planned("CLEAN").stream()
                .filter(item -> item.at("/window/best").asString().equals(tomorrow))
                .map(item -> item.get("hour").asString()))
        .containsExactly("07:00:00", "19:00:00");
    String calendar = owner.post(owner.at("/calendar-link"), "").json().get("path").asString();
    assertThat(Caller.signedOut().get(calendar).body().replace("\r\n ", ""))
        .contains(tomorrow.replace("-", "") + "T190000");
  }

  @Test
  void aLookThatSaysWorseOfADogThatIsNotItselfAsksForTheVetToday() {
    check(1, RED_EAR, Samples.QUIET_EAR);
    visit(1, ", \"instruction\": {\"timesADay\": 2, \"method\": \"FILL\"}");
    fact(
        "looks",
        Samples.said(
            dog,
            now.minusSeconds(20),
            ", \"right\": {\"change\": \"WORSE\", \"hurts\": true}, \"dogIsWell\": false"));

    JsonNode first = agenda().get(0).get("item");
    assertThat(first.get("kind").asString()).isEqualTo("VISIT");
    assertThat(first.get("pressing").asBoolean()).isTrue();
    everyViewSays("right", "NONE");
  }

  @Test
  void whatTheVetPutInStaysInFromThatDay() {
    check(1, Samples.QUIET_EAR, Samples.QUIET_EAR);
    fact(
        "courses",
        Samples.course(
                dog,
                ago(1),
                today.minusDays(1).toString(),
                ", \"staysDays\": 28, \"byVetOn\": \"%s\"".formatted(today.minusDays(1)))
            .replace("\"DROPS\"", "\"GEL\"")
            .replace("\"08:00\", \"20:00\"], \"days\": 7", "\"10:00\"], \"days\": 1"));

    assertThat(plan().at("/ears/right/because").asString()).isEqualTo("STAYS");
    assertThat(planned("CLEAN"))
        .filteredOn(
            item -> item.at("/window/best").asString().compareTo(today.plusDays(27).toString()) < 0)
        .noneMatch(item -> item.get("ears").toString().contains("RIGHT"));
  }

  @Test
  void anEarThatNobodyCouldLookAtIsNeither() {
    check(0, UNSEEN_EAR, Samples.QUIET_EAR);

    everyViewSays("right", "NONE");
    assertThat(page().at("/ears/right/verdict").asString()).isEqualTo("NOT_SEEN");
    assertThat(planned("CHECK").get(0).get("pressing").asBoolean()).isFalse();
  }

  @Test
  void anOrderOnATornEarIsAskedAboutInTheSameBreath() {
    visit(1, "NOT_INTACT", ", \"instruction\": {\"timesADay\": 2, \"method\": \"FILL\"}");

    assertThat(planned("CLEAN")).noneMatch(item -> item.get("ears").toString().contains("RIGHT"));
    assertThat(plan().get("items").toString()).contains("torn");
    everyViewSays("right", "NONE");
  }

  @Test
  void anOrderWithoutAnEndIsAskedAfter() {
    check(40, RED_EAR, Samples.QUIET_EAR);
    visit(40, ", \"instruction\": {\"everyDays\": 2, \"method\": \"FILL\"}");
    for (int day = 35; day > 0; day -= 7) {
      check(day, Samples.QUIET_EAR, Samples.QUIET_EAR);
    }

    assertThat(planned("ASK").get(0).toString()).contains("still stand");
  }

  @Test
  void theFirstEveningAsksOnceAndTellsOnce() {
    JsonNode first = session().get("first");

    assertThat(first.get("asksMethod").asBoolean()).isTrue();
    assertThat(first.get("asksVetLooked").asBoolean()).isTrue();
    assertThat(first.get("wants")).isNotEmpty();
    assertThat(session().at("/session/order/0").asString()).isEqualTo("RIGHT");
    assertThat(session().at("/session/steps").toString()).doesNotContain("better ear");
  }

  /** Whatever was told, every view of the server says the same of an ear. */
  @ParameterizedTest(name = "history {0}")
  @MethodSource("seeds")
  void everyViewSaysTheSameOfADrawnHistory(long seed) {
    Random drawn = new Random(seed);
    bottle("The jar", "");
    bottle(
        "Blue wash",
        ", \"cleaner\": \"GENTLE\", \"label\": {\"actives\": {}, \"madeFor\": \"DOGS_EARS\"}");
    for (int daysAgo = 12; daysAgo >= 0; daysAgo -= 1 + drawn.nextInt(4)) {
      happens(drawn, daysAgo);
    }

    JsonNode page = page();
    JsonNode session = session();
    JsonNode todays = owner.get(owner.at("/today")).json();
    for (String side : List.of("right", "left")) {
      JsonNode stands = page.at("/ears/" + side);
      everyViewSays(side, stands.get("mayGoIn").asString());
      assertThat(page.at("/plan/ears/" + side + "/because").asString())
          .isEqualTo(stands.get("because").asString());
      assertThat(todays.at("/dogs/0/plan/ears/" + side + "/because").asString())
          .isEqualTo(stands.get("because").asString());
      assertThat(page.at("/plan/ears/" + side + "/why/sentence").asString())
          .isEqualTo(session.at("/stands/" + side + "/reason/sentence").asString());
      JsonNode laidOut = session.at("/laidOut/" + side + "/chosen");
      JsonNode method = session.at("/session/ears/" + side + "/method");
      if (!laidOut.isMissingNode() && !laidOut.isNull() && !method.isMissingNode()) {
        String how = method.asString().equals("WIPE") ? "onPad" : "inEar";
        session
            .get("bottles")
            .valueStream()
            .filter(one -> one.at("/supply/id").equals(laidOut.at("/supply/id")))
            .forEach(
                one ->
                    assertThat(one.at("/ears/" + side + "/now/" + how + "/suits").asString())
                        .isEqualTo(laidOut.get("suits").asString()));
      }
    }
    List<String> visits =
        page.at("/plan/items")
            .valueStream()
            .filter(item -> item.get("kind").asString().equals("VISIT"))
            .filter(item -> item.get("pressing").asBoolean())
            .map(item -> item.get("id").asString())
            .toList();
    assertThat(todays.get("agenda").valueStream().map(line -> line.at("/item/id").asString()))
        .containsAll(visits);
  }

  static LongStream seeds() {
    return LongStream.range(0, 16);
  }

  private void happens(Random drawn, int daysAgo) {
    List<String> ears =
        List.of(
            Samples.QUIET_EAR, Samples.WAXY_EAR, RED_EAR, Samples.FOUL_EAR, PUS_EAR, UNSEEN_EAR);
    switch (drawn.nextInt(6)) {
      case 0, 1 ->
          check(
              daysAgo, ears.get(drawn.nextInt(ears.size())), ears.get(drawn.nextInt(ears.size())));
      case 2 ->
          visit(
              daysAgo,
              drawn.nextBoolean() ? "INTACT" : "NOT_INTACT",
              List.of(
                      "",
                      ", \"instruction\": {}",
                      ", \"instruction\": {\"timesADay\": 2, \"method\": \"FILL\"}",
                      ", \"instruction\": {\"everyDays\": 2, \"allTheSame\": true, \"product\": \"Blue wash\"}")
                  .get(drawn.nextInt(4)));
      case 3 ->
          fact(
              "told",
              Samples.said(
                  dog,
                  ago(daysAgo).plusSeconds(30),
                  ", \"by\": \"Ilse\", \"taker\": \"SITTER\", \"done\": [], \"seen\": [\"%s\"]"
                      .formatted(List.of("SMELL", "HURTS", "STAGGERS").get(drawn.nextInt(3)))));
      case 4 ->
          fact(
              "looks",
              Samples.said(
                  dog,
                  ago(daysAgo).plusSeconds(40),
                  ", \"right\": {\"change\": \"%s\", \"hurts\": %s}, \"dogIsWell\": %s"
                      .formatted(
                          drawn.nextBoolean() ? "WORSE" : "SAME",
                          drawn.nextBoolean(),
                          drawn.nextBoolean())));
      default -> fact("cleanings", Samples.cleaning(dog, ago(daysAgo).plusSeconds(50), 2, 1));
    }
  }
}
