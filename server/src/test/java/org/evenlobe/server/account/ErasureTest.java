package org.evenlobe.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.fact.FactKinds;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Erasing: asked, taken back, and done for good 30 days later. */
@ExtendWith(RunningServer.class)
class ErasureTest {
  private final Caller owner = Caller.newOwner();
  private final UUID person = UUID.fromString(me(owner).get("id").asString());
  private final JdbcClient database = JdbcClient.create(RunningServer.ownerSource());

  private static JsonNode me(Caller caller) {
    return caller.get("/api/me").json();
  }

  private void ask(String body) {
    Caller.Answer answer = owner.post(owner.at("/erasures"), body);
    assertThat(answer.status()).as(answer.body()).isEqualTo(204);
  }

  /** Some days pass; what is due is done. */
  private void pass(int days) {
    database
        .sql("update erasure set asked_at = asked_at - make_interval(days => ?)")
        .param(days)
        .update();
    Erasures erasures = RunningServer.bean(Erasures.class);
    erasures.due().forEach(erasures::erase);
  }

  /** How many rows of a household each table holds. */
  private Map<String, Integer> rows(UUID household) {
    TreeMap<String, Integer> rows = new TreeMap<>();
    for (String table :
        database
            .sql(
                "select table_name from information_schema.columns where table_schema = 'public'"
                    + " and column_name = 'household_id'")
            .query(String.class)
            .list()) {
      int many =
          database
              .sql("select count(*) from " + table + " where household_id = ?")
              .param(household)
              .query(Integer.class)
              .single();
      if (many > 0) {
        rows.put(table, many);
      }
    }
    return rows;
  }

  private void fill(Caller caller, UUID dog) {
    for (FactKind<?, ?> kind : RunningServer.bean(FactKinds.class).all()) {
      if (!List.of("dogs", "settings").contains(kind.path())) {
        caller.create(
            caller.at("/" + kind.path() + "/" + UUID.randomUUID()), Samples.of(kind.path(), dog));
      }
    }
  }

  @Test
  void aHouseholdIsGoneAfterThirtyDaysAndNothingOfItIsLeft() {
    UUID dog = Samples.newDog(owner);
    fill(owner, dog);
    Caller other = Caller.newOwner();
    fill(other, Samples.newDog(other));
    Map<String, Integer> theirs = rows(other.household());
    assertThat(rows(owner.household())).containsKeys("cleaning", "ear_check", "visit", "supply");

    ask("{}");
    pass(29);
    assertThat(owner.get(owner.at("/today")).status()).isEqualTo(200);
    assertThat(me(owner).at("/households/0/erasedAt").asString()).isNotEmpty();

    pass(2);
    assertThat(owner.get(owner.at("/today")).status()).isEqualTo(404);
    assertThat(rows(owner.household())).isEmpty();
    assertThat(me(owner).get("households")).isEmpty();
    assertThat(rows(other.household())).isEqualTo(theirs);
  }

  @Test
  void aDogIsGoneWithAllThatWasSaidOfItAndTheOthersStay() {
    UUID gone = Samples.newDog(owner);
    UUID stays = Samples.newDog(owner);
    fill(owner, stays);
    Map<String, Integer> before = rows(owner.household());
    before.merge("dog", -1, Integer::sum);
    before.merge("fact_version", -1, Integer::sum);
    fill(owner, gone);
    JsonNode goes = owner.get(owner.at("/previews/erasures?dog=" + gone)).json();
    assertThat(goes.get("dogs").asInt()).isEqualTo(1);
    assertThat(goes.get("records").asInt()).isGreaterThan(10);

    ask("{\"dog\": \"%s\"}".formatted(gone));
    pass(31);

    assertThat(owner.get(owner.at("/dogs/" + gone)).status()).isEqualTo(404);
    assertThat(owner.get(owner.at("/dogs/" + stays)).status()).isEqualTo(200);
    // the bottles, recipes and lessons of the household stay, whoever they were said with
    Map<String, Integer> after = rows(owner.household());
    assertThat(
            database
                .sql(
                    "select count(*) from fact_version where household_id = ? and (fact_id = ? or body ->> 'dogId' = ?)")
                .params(owner.household(), gone, gone.toString())
                .query(Integer.class)
                .single())
        .isZero();
    before
        .keySet()
        .removeAll(List.of("fact_version", "supply", "recipe", "grading", "household_stamp"));
    after.keySet().retainAll(before.keySet());
    assertThat(after).isEqualTo(before);
  }

  @Test
  void isTakenBackByAnOwnerOfTheHouseholdAlone() {
    ask("{}");
    String id = owner.get(owner.at("/erasures")).json().get(0).get("id").asString();
    Caller stranger = Caller.newOwner();
    assertThat(stranger.delete(stranger.at("/erasures/" + id), 1).status()).isEqualTo(404);

    assertThat(owner.delete(owner.at("/erasures/" + id), 1).status()).isEqualTo(204);

    pass(31);
    assertThat(owner.get(owner.at("/today")).status()).isEqualTo(200);
  }

  @Test
  void whatWasAskedTwiceAndADogThatIsNotThereAreRefused() {
    ask("{}");
    assertThat(owner.post(owner.at("/erasures"), "{}").refusedFields()).containsExactly("dog");
    assertThat(
            owner
                .post(owner.at("/erasures"), "{\"dog\": \"%s\"}".formatted(UUID.randomUUID()))
                .status())
        .isEqualTo(404);
    assertThat(owner.post(owner.at("/erasures"), "{\"dog\": \"Fen\"}").status()).isEqualTo(400);
  }

  @Test
  void theServersOwnRoleErasesNothingBeforeItsTime() {
    ask("{}");
    UUID id = UUID.fromString(owner.get(owner.at("/erasures")).json().get(0).get("id").asString());
    JdbcClient server = RunningServer.bean(JdbcClient.class);

    assertThatThrownBy(() -> RunningServer.bean(Erasures.class).erase(id))
        .isInstanceOf(DataAccessException.class)
        .hasMessageContaining("nothing of that is due");
    for (String forbidden :
        List.of(
            "delete from household",
            "delete from dog",
            "delete from fact_version",
            "select erase_account('" + person + "')",
            "update erasure set asked_at = now() - interval '1 year'",
            "insert into erasure (id, person_id, asked_by, asked_at) values (gen_random_uuid(), '"
                + person
                + "', '"
                + person
                + "', now() - interval '1 year')")) {
      assertThatThrownBy(() -> server.sql(forbidden).update())
          .as(forbidden)
          .isInstanceOf(DataAccessException.class)
          .hasStackTraceContaining("permission denied");
    }
  }

  @Test
  void anAccountThatGoesLeavesWhatItSaidUnderNobodysName() {
    UUID dog = Samples.newDog(owner);
    Caller second = Caller.newOwner();
    Household.addMember(owner, second, "CARER");
    String email = me(second).get("email").asString();
    UUID theirs = second.household();
    UUID cleaning = UUID.randomUUID();
    second.create(
        owner.at("/cleanings/" + cleaning),
        Samples.cleaning(dog, java.time.Instant.parse("2026-01-01T10:00:00Z"), 1, 2));
    JsonNode then = second.get("/api/me/erasure").json().get("households");
    assertThat(then.valueStream().filter(one -> one.get("goes").asBoolean())).hasSize(1);

    assertThat(second.post("/api/me/erasure", "").status()).isEqualTo(204);
    assertThat(me(second).get("erasedAt").asString()).isNotEmpty();
    pass(31);

    assertThat(second.get("/api/me").status()).isEqualTo(401);
    assertThat(Caller.signedOut().signIn(email, Caller.PASSWORD).status()).isEqualTo(401);
    assertThat(rows(theirs)).isEmpty();
    assertThat(owner.get(owner.at("/cleanings/" + cleaning + "/versions")).body())
        .contains("Somebody who has left");
    // the address may be used again
    assertThat(Caller.signedOut().register(email).status()).isEqualTo(204);
  }

  @Test
  void anOnlyOwnerHandsOverFirstAndAnAccountIsTakenBack() {
    Caller second = Caller.newOwner();
    Household.addMember(owner, second, "CARER");

    Caller.Answer refused = owner.post("/api/me/erasure", "");
    assertThat(refused.refusedFields()).containsExactly("household");

    assertThat(second.post("/api/me/erasure", "").status()).isEqualTo(204);
    assertThat(second.post("/api/me/erasure", "").refusedFields()).containsExactly("account");
    assertThat(second.delete("/api/me/erasure", 1).status()).isEqualTo(204);
    assertThat(second.delete("/api/me/erasure", 1).status()).isEqualTo(404);
    pass(31);
    assertThat(second.get("/api/me").status()).isEqualTo(200);
  }

  @Test
  void whereTheOwnerHasGoneMeanwhileWhoeverWasThereLongestOwnsIt() {
    Caller second = Caller.newOwner();
    assertThat(owner.post("/api/me/erasure", "").status()).isEqualTo(204);
    Household.addMember(owner, second, "VIEWER");

    pass(31);

    assertThat(
            me(second)
                .get("households")
                .valueStream()
                .filter(one -> one.get("id").asString().equals(owner.household().toString()))
                .map(one -> one.get("role").asString())
                .collect(Collectors.toList()))
        .containsExactly("OWNER");
  }

  @Test
  void everybodyWhoSharesItIsTold() {
    Caller second = Caller.newOwner();
    Household.addMember(owner, second, "VIEWER");

    ask("{}");

    assertThat(Mailbox.of(me(second).get("email").asString()))
        .anyMatch(mail -> mail.body().contains("Saltings be erased"));
    assertThat(second.get(owner.at("/erasures")).json()).hasSize(1);
  }
}
