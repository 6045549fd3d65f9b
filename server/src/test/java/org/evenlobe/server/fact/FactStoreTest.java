package org.evenlobe.server.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningServer.class)
class FactStoreTest {
  private final Caller owner = Caller.newOwner();
  private String path;

  @BeforeEach
  void newId() {
    path = owner.at("/dogs/" + UUID.randomUUID());
  }

  private String name() {
    return owner.get(path).json().at("/dog/profile/name").asString();
  }

  @Test
  void createsWithIfNoneMatchAndAnswersWithTheVersion() {
    Caller.Answer answer = owner.create(path, Samples.dog("Fen"));

    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.json().get("version").asInt()).isEqualTo(1);
    assertThat(answer.whole().headers().firstValue("ETag")).contains("\"1\"");
  }

  @Test
  void correctsWithIfMatch() {
    owner.create(path, Samples.dog("Fen"));

    assertThat(owner.correct(path, 1, Samples.dog("Reed")).json().get("version").asInt())
        .isEqualTo(2);
    assertThat(name()).isEqualTo("Reed");
  }

  @Test
  void anyKeptVersionSentAgainIsARetryAndChangesNothing() {
    owner.create(path, Samples.dog("Fen"));
    owner.correct(path, 1, Samples.dog("Reed"));

    Caller.Answer lateRetry = owner.create(path, Samples.dog("Fen"));
    Caller.Answer retry = owner.correct(path, 1, Samples.dog("Reed"));

    assertThat(lateRetry.status()).isEqualTo(200);
    assertThat(lateRetry.json().get("version").asInt()).isEqualTo(2);
    assertThat(retry.json().get("version").asInt()).isEqualTo(2);
    assertThat(name()).isEqualTo("Reed");
  }

  @Test
  void correctingBackIsAVersionOfItsOwn() {
    owner.create(path, Samples.dog("Fen"));
    owner.correct(path, 1, Samples.dog("Reed"));

    assertThat(owner.correct(path, 2, Samples.dog("Fen")).json().get("version").asInt())
        .isEqualTo(3);
    assertThat(name()).isEqualTo("Fen");
  }

  @Test
  void anotherBodyWithoutTheRightVersionIs412AndChangesNothing() {
    owner.create(path, Samples.dog("Fen"));
    owner.correct(path, 1, Samples.dog("Reed"));

    Caller.Answer stale = owner.correct(path, 1, Samples.dog("Tern"));
    Caller.Answer taken = owner.create(path, Samples.dog("Tern"));

    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.json().get("version").asInt()).isEqualTo(2);
    assertThat(taken.status()).isEqualTo(412);
    assertThat(name()).isEqualTo("Reed");
  }

  @Test
  void aWriteWithoutAPreconditionIs428() {
    assertThat(owner.put(path, "Accept", "*/*", Samples.dog()).status()).isEqualTo(428);
    assertThat(owner.get(path).status()).isEqualTo(404);
  }

  @Test
  void correctingWhatIsNotThereIs404() {
    assertThat(owner.correct(path, 1, Samples.dog()).status()).isEqualTo(404);
  }

  @Test
  void aMalformedVersionIsRefused() {
    owner.create(path, Samples.dog());

    Caller.Answer answer = owner.put(path, "If-Match", "one", Samples.dog("Reed"));

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.refusedFields()).containsExactly("If-Match");
  }

  @Test
  void theSamePutTenTimesAtOnceMakesOneRecord() {
    owner.get("/api/csrf");

    Set<String> answers =
        IntStream.range(0, 10)
            .mapToObj(i -> CompletableFuture.supplyAsync(() -> owner.create(path, Samples.dog())))
            .toList()
            .stream()
            .map(CompletableFuture::join)
            .map(answer -> answer.status() + " version " + answer.json().get("version").asInt())
            .collect(Collectors.toSet());

    assertThat(answers).containsExactly("200 version 1");
    assertThat(owner.get(owner.at("/today")).json().get("dogs")).hasSize(1);
  }

  @Test
  void ofTwoCorrectionsAtOnceOneWinsAndTheOtherIsTold() {
    owner.create(path, Samples.dog());

    List<Integer> statuses =
        List.of("Reed", "Tern").stream()
            .map(
                name ->
                    CompletableFuture.supplyAsync(
                        () -> owner.correct(path, 1, Samples.dog(name)).status()))
            .toList()
            .stream()
            .map(CompletableFuture::join)
            .toList();

    assertThat(statuses).containsExactlyInAnyOrder(200, 412);
  }
}
