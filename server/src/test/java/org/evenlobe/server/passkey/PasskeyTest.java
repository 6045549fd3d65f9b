package org.evenlobe.server.passkey;

import static org.assertj.core.api.Assertions.assertThat;

import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Made with the password, shown in its place, and good for nothing where anything is not so. */
@ExtendWith(RunningServer.class)
class PasskeyTest {
  private static final String MINE = "/api/me/passkeys";
  private static final String SIGN_IN = "/api/passkey-sign-in";

  private final Caller owner = Caller.newOwner();
  private final JdbcClient database = JdbcClient.create(RunningServer.ownerSource());
  private final String person = owner.get("/api/me").json().get("id").asString();

  private static JsonNode begun(Caller caller) {
    return caller.post(MINE + "/begun", "").json();
  }

  private static Caller.Answer keep(Caller caller, String credential) {
    return caller.post(MINE, "{\"credential\": " + credential + "}");
  }

  private SoftKey made() {
    SoftKey key = new SoftKey();
    assertThat(keep(owner, key.made(begun(owner))).status()).isEqualTo(204);
    return key;
  }

  private static Caller asked() {
    Caller somebody = Caller.signedOut();
    somebody.get("/api/csrf");
    return somebody;
  }

  private static JsonNode challenge(Caller caller) {
    return caller.post("/api/passkey-challenges", "").json();
  }

  @Test
  void opensTheAccountThatItWasMadeFor() {
    SoftKey key = made();
    Caller elsewhere = asked();
    JsonNode options = challenge(elsewhere);
    assertThat(options.get("userVerification").asString()).isEqualTo("required");
    String before = elsewhere.cookie("EVENLOBE_SESSION");

    assertThat(elsewhere.post(SIGN_IN, key.shown(options)).status()).isEqualTo(204);

    assertThat(elsewhere.get("/api/me").json().get("id").asString()).isEqualTo(person);
    // the session that was begun signed out is known to nobody any more
    assertThat(elsewhere.cookie("EVENLOBE_SESSION")).isNotEqualTo(before);
    assertThat(
            database
                .sql(
                    "select min(max_inactive_interval) from spring_session where principal_name = ?")
                .param(person)
                .query(Integer.class)
                .single())
        .isGreaterThan(2_000_000);
    assertThat(owner.get("/api/me/sessions").json()).hasSize(2);
    // it stands for a password: what takes that again can be done
    elsewhere.get("/api/csrf");
    assertThat(elsewhere.get("/api/me/password-again").status()).isEqualTo(204);
    assertThat(
            database
                .sql("select signature_count from passkey where person_id = ?::uuid")
                .param(person)
                .query(Integer.class)
                .single())
        .isEqualTo(1);
  }

  @Test
  void isNotTakenTwiceNorForAnotherQuestionNorFromAnotherPage() {
    SoftKey key = made();
    Caller thief = asked();
    String once = key.shown(challenge(thief));
    assertThat(thief.post(SIGN_IN, once).status()).isEqualTo(204);

    Caller again = asked();
    assertThat(again.post(SIGN_IN, once).status()).isEqualTo(401);
    challenge(again);
    assertThat(again.post(SIGN_IN, once).status()).isEqualTo(401);
    JsonNode options = challenge(again);
    assertThat(again.post(SIGN_IN, key.on("http://localh0st:0").shown(options)).status())
        .isEqualTo(401);
    options = challenge(again);
    // whoever found the device has not shown to be its person
    key.on(SoftKey.ORIGIN).seeing(SoftKey.ONLY_TOUCHED);
    assertThat(again.post(SIGN_IN, key.shown(options)).status()).isEqualTo(401);
    options = challenge(again);
    assertThat(again.post(SIGN_IN, new SoftKey().shown(options)).status()).isEqualTo(401);
    assertThat(again.get("/api/me").status()).isEqualTo(401);
    for (String nothing : new String[] {"", "[]", "{\"id\": 3}", "{\"response\": null}", "\0"}) {
      challenge(again);
      assertThat(again.post(SIGN_IN, nothing).status()).isEqualTo(401);
    }
  }

  @Test
  void whatWasNotAskedForIsNotKept() {
    assertThat(keep(owner, "{}").refusedFields()).containsExactly("credential");
    JsonNode options = begun(owner);
    String other = new SoftKey().on("https://elsewhere.example").made(options);
    assertThat(keep(owner, other).refusedFields()).containsExactly("credential");
    options = begun(owner);
    assertThat(
            keep(owner, new SoftKey().seeing(SoftKey.ONLY_TOUCHED).made(options)).refusedFields())
        .containsExactly("credential");
    SoftKey key = made();
    Caller another = Caller.newOwner();
    assertThat(keep(another, key.made(begun(another))).refusedFields())
        .containsExactly("credential");
    assertThat(another.get(MINE).json()).isEmpty();
    assertThat(owner.get(MINE).json()).hasSize(1);
  }

  @Test
  void areListedAndTakenAwayByTheirOwner() {
    SoftKey key = made();
    assertThat(owner.get(MINE).json().get(0).get("device").asString())
        .isEqualTo("A program on some device");

    assertThat(Caller.newOwner().delete(MINE + "/" + key.id(), 1).status()).isEqualTo(404);
    assertThat(owner.delete(MINE + "/not-base64!", 1).status()).isEqualTo(404);
    assertThat(owner.delete(MINE + "/" + key.id(), 1).status()).isEqualTo(204);

    Caller elsewhere = asked();
    assertThat(elsewhere.post(SIGN_IN, key.shown(challenge(elsewhere))).status()).isEqualTo(401);
  }

  @Test
  void takesThePasswordAndTenAreEnough() {
    for (int made = 0; made < 10; made++) {
      made();
    }
    assertThat(owner.post(MINE + "/begun", "").refusedFields()).containsExactly("credential");
    database
        .sql(
            """
            delete from spring_session_attributes
            where attribute_name = 'evenlobe.password-given-at' and session_primary_id in
              (select primary_id from spring_session where principal_name = ?)
            """)
        .param(person)
        .update();

    assertThat(owner.post(MINE + "/begun", "").json().get("type").asString())
        .isEqualTo("/problems/password-again");
    assertThat(keep(owner, "{}").status()).isEqualTo(403);
  }

  @Test
  void aClosedOrErasedAccountIsOpenedByNone() {
    SoftKey key = made();
    database.sql("update person set password_hash = '' where id = ?::uuid").param(person).update();

    Caller elsewhere = asked();
    assertThat(elsewhere.post(SIGN_IN, key.shown(challenge(elsewhere))).status()).isEqualTo(401);
  }

  @Test
  void aQuestionThatNobodyAnswersIsSoonForgotten() {
    Caller somebody = asked();
    challenge(somebody);

    assertThat(
            database
                .sql(
                    "select count(*) from spring_session where principal_name is null"
                        + " and max_inactive_interval <> 300")
                .query(Integer.class)
                .single())
        .isZero();
  }
}
