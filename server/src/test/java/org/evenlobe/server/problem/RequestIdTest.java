package org.evenlobe.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Each answer, and each problem, says which request it is of. */
@ExtendWith(RunningServer.class)
class RequestIdTest {
  private final Caller owner = Caller.newOwner();

  private static String id(Caller.Answer answer) {
    return answer.whole().headers().firstValue("X-Request-Id").orElseThrow();
  }

  @Test
  void everyAnswerHasOneOfItsOwn() {
    assertThat(id(owner.get("/api/me")))
        .matches("[0-9a-f]{16}")
        .isNotEqualTo(id(owner.get("/api/me")));
  }

  @Test
  void aProblemNamesItWhereverItIsMet() {
    for (Caller.Answer problem :
        new Caller.Answer[] {
          owner.get("/api/households/x/today"),
          Caller.signedOut().get("/api/me"),
          owner.post("/api/me/address", "{\"email\": \"none\"}"),
          owner.post("/api/me/address", "x".repeat(70_000))
        }) {
      assertThat(problem.status()).isGreaterThanOrEqualTo(400);
      assertThat(problem.json().get("request").asString()).isEqualTo(id(problem));
    }
  }

  @Test
  void oneThatACallerSendsIsNotTaken() {
    Caller.Answer answer =
        owner.send(owner.request("/api/me").header("X-Request-Id", "forged").GET());

    assertThat(id(answer)).isNotEqualTo("forged");
  }
}
