package org.evenlobe.server.archive;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.util.Map;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** How much room a household may take, and what becomes of what was left half sent. */
@ExtendWith(RunningServer.class)
class RoomTest {
  private static final int MEGABYTE = 1_000_000;

  private static Caller.Answer send(Caller caller, UUID archive, int number, int bytes) {
    caller.get("/api/csrf");
    return caller.send(
        caller
            .request(caller.at("/archives/" + archive + "/parts/" + number))
            .header("Content-Type", "application/zip")
            .PUT(HttpRequest.BodyPublishers.ofByteArray(new byte[bytes])));
  }

  @Test
  void whatDoesNotFitIsRefusedWithWhatIsTakenAndTheOthersAreNotTouched() {
    try (ConfigurableApplicationContext small =
        RunningServer.second(Map.of("EVENLOBE_HOUSEHOLD_MB", "3", "EVENLOBE_JOBS", "false"))) {
      String app = "http://127.0.0.1:" + small.getEnvironment().getProperty("local.server.port");
      Caller owner = Caller.newOwner(app);
      UUID archive = UUID.randomUUID();
      assertThat(send(owner, archive, 0, 2 * MEGABYTE).status()).isEqualTo(204);

      Caller.Answer refused = send(owner, archive, 1, 2 * MEGABYTE);

      assertThat(refused.status()).isEqualTo(400);
      assertThat(refused.body()).contains("2 of 3 MB");
      JsonNode room = owner.get(owner.at("/room")).json();
      assertThat(room.get("takenBytes").asInt()).isEqualTo(2 * MEGABYTE);
      assertThat(room.get("mostBytes").asInt()).isEqualTo(3 * MEGABYTE);
      assertThat(send(Caller.newOwner(app), UUID.randomUUID(), 0, 2 * MEGABYTE).status())
          .isEqualTo(204);
      assertThat(owner.delete(owner.at("/archives/" + archive), 1).status()).isEqualTo(204);
      assertThat(send(owner, archive, 0, 2 * MEGABYTE).status()).isEqualTo(204);
    }
  }

  @Test
  void whatWasBegunAndLeftGoesAfterTwoDaysWithoutAnybodySendingMore() {
    Caller owner = Caller.newOwner();
    Caller other = Caller.newOwner();
    UUID left = UUID.randomUUID();
    UUID begun = UUID.randomUUID();
    send(owner, left, 0, 1000);
    send(other, begun, 0, 1000);
    JdbcClient.create(RunningServer.ownerSource())
        .sql("update archive_upload set begun_at = begun_at - interval '49 hours' where id = ?")
        .param(left)
        .update();

    RunningServer.bean(LeftUploads.class).forget();

    assertThat(owner.get(owner.at("/archives/" + left)).status()).isEqualTo(404);
    assertThat(owner.get(owner.at("/room")).json().get("takenBytes").asInt()).isZero();
    assertThat(other.get(other.at("/archives/" + begun)).status()).isEqualTo(200);
  }
}
