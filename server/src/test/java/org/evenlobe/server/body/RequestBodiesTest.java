package org.evenlobe.server.body;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningServer.class)
class RequestBodiesTest {
  private static final int SLOW_SENDERS = 220;
  private static final int OTHERS = 20;

  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);

  private static HttpRequest.BodyPublisher announced(int bytes) {
    return HttpRequest.BodyPublishers.ofByteArray(new byte[bytes]);
  }

  private static HttpRequest.BodyPublisher unannounced(int bytes) {
    return HttpRequest.BodyPublishers.ofInputStream(
        () -> new ByteArrayInputStream(new byte[bytes]));
  }

  private static int signedOut(HttpRequest.BodyPublisher body) {
    Caller nobody = Caller.signedOut();
    nobody.get("/api/csrf");
    return nobody.send(nobody.json("/api/people").POST(body)).status();
  }

  @Test
  void whoIsSignedOutSendsTwoKilobytes() {
    assertThat(signedOut(announced(2_001))).isEqualTo(413);
    assertThat(signedOut(unannounced(2_001))).isEqualTo(413);
    assertThat(signedOut(announced(2_000))).isEqualTo(400);
    assertThat(signedOut(unannounced(2_000))).isEqualTo(400);
  }

  @Test
  void aSessionsCookieThatIsNoneChangesNothing() {
    Caller nobody = Caller.signedOut();
    nobody.get("/api/csrf");

    assertThat(
            nobody
                .send(
                    nobody
                        .json("/api/people")
                        .header("Cookie", "EVENLOBE_SESSION=" + UUID.randomUUID())
                        .POST(announced(3_000)))
                .status())
        .isEqualTo(413);
  }

  @Test
  void aRecordHas64KilobytesAndAFileEightMegabytes() {
    String dogs = owner.at("/dogs/" + UUID.randomUUID());
    Caller.Answer answer = owner.create(dogs, "{\"name\": \"" + "x".repeat(64_000) + "\"}");
    assertThat(answer.status()).isEqualTo(413);
    assertThat(answer.body()).contains("/problems/too-large", "64 kB", "Nothing was saved");

    Caller.Answer picture =
        owner.send(
            owner
                .request(owner.at("/dogs/" + dog + "/picture"))
                .header("Content-Type", "image/png")
                .PUT(unannounced(8_000_001)));
    assertThat(picture.status()).isEqualTo(413);
    assertThat(picture.body()).contains("8 MB");
  }

  @Test
  void jsonIsNoDeeperThanAnythingHereIs() {
    String deep = "[".repeat(40) + "]".repeat(40);

    Caller.Answer answer = owner.create(owner.at("/dogs/" + UUID.randomUUID()), deep);

    assertThat(answer.status()).isEqualTo(400);
  }

  /** They send a byte every few seconds; no thread waits for them. */
  @Test
  void anyNumberOfSlowSendersHoldsUpNobody() throws Exception {
    List<Socket> slow = new ArrayList<>();
    try {
      for (int n = 0; n < SLOW_SENDERS; n++) {
        slow.add(beginSlowly(1_500));
      }
      HttpClient others = HttpClient.newHttpClient();
      HttpRequest page =
          HttpRequest.newBuilder(URI.create(RunningServer.address() + "/api/csrf"))
              .timeout(Duration.ofSeconds(1))
              .build();
      for (int n = 0; n < OTHERS; n++) {
        assertThat(others.send(page, HttpResponse.BodyHandlers.discarding()).statusCode())
            .isEqualTo(204);
      }
      assertThat(owner.create(owner.at("/dogs/" + UUID.randomUUID()), Samples.dog()).status())
          .isEqualTo(200);
      trickle(slow);
    } finally {
      for (Socket one : slow) {
        one.close();
      }
    }
  }

  @Test
  void whatDoesNotArriveInTimeIsGivenUp() throws Exception {
    try (Socket slow = beginSlowly(1_500)) {
      slow.setSoTimeout((int) BodyLimit.SIGNED_OUT.within().plusSeconds(10).toMillis());
      InputStream in = slow.getInputStream();
      String answer = new String(in.readAllBytes(), StandardCharsets.UTF_8);

      assertThat(answer).startsWith("HTTP/1.1 408").contains("/problems/too-slow");
    }
  }

  private static void trickle(List<Socket> slow) throws IOException {
    for (Socket one : slow) {
      one.getOutputStream().write(' ');
    }
  }

  private static Socket beginSlowly(int announced) throws IOException {
    URI server = URI.create(RunningServer.address());
    Socket socket = new Socket(server.getHost(), server.getPort());
    OutputStream out = socket.getOutputStream();
    out.write(
        """
        POST /api/people HTTP/1.1\r
        Host: localhost\r
        Content-Type: application/json\r
        Content-Length: %d\r
        \r
        {"""
            .formatted(announced)
            .getBytes(StandardCharsets.US_ASCII));
    out.flush();
    return socket;
  }
}
