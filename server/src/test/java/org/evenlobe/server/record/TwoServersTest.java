package org.evenlobe.server.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;

/** Two servers at one database: neither answers from what the other has changed since. */
@ExtendWith(RunningServer.class)
class TwoServersTest {
  private static ConfigurableApplicationContext second;
  private static String there;

  private final Instant now = Instant.now().truncatedTo(ChronoUnit.SECONDS);
  private final Caller owner = Caller.newOwner();
  private final UUID dog = Samples.newDog(owner);

  @BeforeAll
  static void startTheOther() {
    second = RunningServer.second();
    there = "http://127.0.0.1:" + second.getEnvironment().getProperty("local.server.port");
  }

  @AfterAll
  static void stopTheOther() {
    second.close();
  }

  /** What both say of the same: each is asked twice, so that what it keeps is asked too. */
  private String answeredByBoth(String path) {
    String here = owner.get(path).body();
    assertThat(owner.get(path).body()).isEqualTo(here);
    owner.turnTo(there);
    assertThat(owner.get(path).body()).isEqualTo(here);
    assertThat(owner.get(path).body()).isEqualTo(here);
    owner.turnTo(RunningServer.address());
    return here;
  }

  @Test
  void eachChangeOfOneIsSeenByTheOtherAtOnce() {
    String page = owner.at("/dogs/" + dog);
    String path = owner.at("/checks/" + UUID.randomUUID());
    String nothing = answeredByBoth(page);

    owner.create(path, Samples.check(dog, now, Samples.FOUL_EAR, Samples.QUIET_EAR));
    String held = answeredByBoth(page);
    assertThat(held).isNotEqualTo(nothing).contains("\"cause\":\"STOP\"");

    owner.turnTo(there);
    owner.correct(path, 1, Samples.check(dog, now, Samples.QUIET_EAR, Samples.QUIET_EAR));
    owner.turnTo(RunningServer.address());
    assertThat(answeredByBoth(page)).doesNotContain("\"cause\":\"STOP\"");

    owner.delete(path, 2);
    assertThat(answeredByBoth(page)).contains("\"checked\":0");
    answeredByBoth(owner.at("/today"));
    answeredByBoth(owner.at("/stock"));
  }

  @Test
  void aFactThatMovesToAnotherDogLeavesTheFirst() {
    UUID other = Samples.newDog(owner);
    String path = owner.at("/cleanings/" + UUID.randomUUID());
    owner.create(path, Samples.cleaning(dog, now, 1, 1));
    assertThat(answeredByBoth(owner.at("/dogs/" + dog))).contains("\"load\":1");

    owner.correct(path, 1, Samples.cleaning(other, now, 1, 1));

    assertThat(answeredByBoth(owner.at("/dogs/" + dog))).doesNotContain("\"load\":1");
    assertThat(answeredByBoth(owner.at("/dogs/" + other))).contains("\"load\":1");
  }

  @Test
  void whatDidNotChangeIs304AtEither() {
    String today = owner.at("/today");
    String tag = owner.get(today).whole().headers().firstValue("ETag").orElseThrow();

    assertThat(known(today, tag)).isEqualTo(304);
    owner.turnTo(there);
    assertThat(known(today, tag)).isEqualTo(304);
    owner.create(owner.at("/dryings/" + UUID.randomUUID()), Samples.said(dog, now, ""));
    owner.turnTo(RunningServer.address());
    assertThat(known(today, tag)).isEqualTo(200);
    assertThat(known(owner.at("/dogs/" + dog), tag)).isEqualTo(200);
  }

  @Test
  void whatIsTaggedIsCompressedAllTheSame() {
    Caller.Answer answer =
        owner.send(owner.request(owner.at("/dogs/" + dog)).header("Accept-Encoding", "gzip"));

    assertThat(answer.whole().headers().firstValue("Content-Encoding")).contains("gzip");
  }

  private int known(String path, String tag) {
    return owner.send(owner.request(path).header("If-None-Match", tag)).status();
  }
}
