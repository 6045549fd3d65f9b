package org.evenlobe.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.List;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.slf4j.LoggerFactory;

/** Who came in, was refused, took something out: by ids alone. */
@ExtendWith(RunningServer.class)
class AuditLogTest {
  private final ListAppender<ILoggingEvent> lines = new ListAppender<>();
  private final Logger log = (Logger) LoggerFactory.getLogger("org.evenlobe.audit");

  @BeforeEach
  void listen() {
    lines.start();
    log.addAppender(lines);
  }

  @AfterEach
  void leave() {
    log.detachAppender(lines);
  }

  private List<String> said() {
    return lines.list.stream().map(ILoggingEvent::getFormattedMessage).toList();
  }

  @Test
  void notesWhatLetsInAndTakesOutAndNothingThatPeopleRecorded() {
    Caller owner = Caller.newOwner();
    String email = owner.get("/api/me").json().get("email").asString();
    String id = owner.get("/api/me").json().get("id").asString();
    Caller.signedOut().signIn(email, "not the password");
    owner.get(owner.at("/archive"));
    owner.post(owner.at("/invitations"), "{\"role\": \"CARER\"}");
    owner.post(owner.at("/erasures"), "{}");

    List<String> said = said();
    assertThat(said).anyMatch(line -> line.startsWith("registered person=" + id));
    assertThat(said).contains("signed_in person=" + id + " from=127.0.0.1");
    assertThat(said).contains("sign_in_refused from=127.0.0.1");
    for (String event : List.of("archive_taken", "invited", "erasure_asked")) {
      assertThat(said)
          .anyMatch(
              line ->
                  line.startsWith(event + " person=" + id)
                      && line.contains("household=" + owner.household()));
    }
    assertThat(String.join("\n", said)).doesNotContain(email, "Saltings", "Wren", Caller.PASSWORD);
  }
}
