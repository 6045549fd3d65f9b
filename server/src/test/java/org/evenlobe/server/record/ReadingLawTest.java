package org.evenlobe.server.record;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Moment;
import org.evenlobe.fuzz.BodyMaker;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.fact.FactKey;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.fact.FactKinds;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whatever is said of a dog stands in its own field, in the table and in the core's record. */
@ExtendWith(RunningServer.class)
class ReadingLawTest {
  private static final int DRAWS = 24;
  private static final int TRIES = 4000;

  private static Caller owner;
  private static UUID dog;
  private static Member member;
  private static JsonNode document;

  @BeforeAll
  static void aDog() {
    owner = Caller.newOwner();
    dog = Samples.newDog(owner);
    document = owner.get("/api/openapi.json").json();
    UUID person = UUID.fromString(owner.get("/api/me").json().get("id").asString());
    member = new Member(owner.household(), person, Role.OWNER);
  }

  static Stream<FactKind<?, ?>> kinds() {
    return RunningServer.bean(FactKinds.class).all().stream()
        .filter(kind -> StoredDogFact.class.isAssignableFrom(kind.stored()));
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void whatIsSaidIsReadUnderItsOwnName(FactKind<?, ?> kind) {
    BodyMaker bodies =
        new BodyMaker(
            new SplittableRandom(7),
            document,
            List.of(dog),
            Stream.generate(UUID::randomUUID).limit(9).toList());
    JsonNode schema = document.at("/components/schemas/" + kind.body().getSimpleName());
    int drawn = 0;
    for (int tries = 0; drawn < DRAWS && tries < TRIES; tries++) {
      JsonNode body = bodies.fitting(schema);
      Optional<DogFactRequest> said = said(kind, body);
      if (said.isPresent()) {
        drawn++;
        keptAndRead(kind, said.get());
      }
    }
    assertThat(drawn).as("bodies that the kind takes").isEqualTo(DRAWS);
  }

  /** The request that it is; none where it names what cannot be, as a drawn one may. */
  private static Optional<DogFactRequest> said(FactKind<?, ?> kind, JsonNode body) {
    JsonMapper json = RunningServer.bean(JsonMapper.class);
    try {
      DogFactRequest said = (DogFactRequest) json.treeToValue(body, kind.body());
      CurrentMember.run(member, () -> stored(kind, UUID.randomUUID(), said).toCore());
      return Optional.of(said);
    } catch (RuntimeException contradictsItself) {
      return Optional.empty();
    }
  }

  @SuppressWarnings("unchecked")
  private static StoredDogFact<?> stored(FactKind<?, ?> kind, UUID id, DogFactRequest said) {
    StoredDogFact<DogFactRequest> fact = (StoredDogFact<DogFactRequest>) kind.blank().get();
    fact.found(
        new FactKey(member.household(), id), said.dogId(), Moment.of(said.at(), said.zone()));
    fact.say(said);
    return fact;
  }

  private static void keptAndRead(FactKind<?, ?> kind, DogFactRequest said) {
    UUID id = UUID.randomUUID();
    EntityManager entities = RunningServer.bean(EntityManager.class);
    CurrentMember.run(
        member,
        () ->
            new TransactionTemplate(RunningServer.bean(PlatformTransactionManager.class))
                .executeWithoutResult(
                    work -> {
                      work.setRollbackOnly();
                      // it may speak of others that are not there
                      entities.createNativeQuery("set constraints all deferred").executeUpdate();
                      StoredDogFact<?> fact = stored(kind, id, said);
                      entities.persist(fact);
                      entities.flush();
                      entities.clear();

                      List<Dated> read =
                          RunningServer.bean(DogFacts.class)
                              .of(member.household(), List.of(dog))
                              .get(dog);

                      assertThat(read).containsExactly(fact.toCore());
                      agree(said, read.get(0));
                    }));
  }

  /** Of what has one name and one type in both, each has the same value. */
  private static void agree(DogFactRequest said, Dated read) {
    Map<String, Object> inBody = new TreeMap<>();
    leaves("", said, inBody);
    Map<String, Object> inCore = new TreeMap<>();
    leaves("", read, inCore);
    inCore.keySet().retainAll(inBody.keySet());
    inCore.forEach(
        (name, value) -> {
          Object own = inBody.get(name);
          if (own != null && own.getClass() == value.getClass()) {
            assertThat(value).as(name).isEqualTo(own);
          }
        });
  }

  private static void leaves(String name, Object value, Map<String, Object> into) {
    if (value instanceof Optional<?> may) {
      may.ifPresent(one -> leaves(name, one, into));
    } else if (value instanceof Record record) {
      for (RecordComponent component : record.getClass().getRecordComponents()) {
        try {
          component.getAccessor().setAccessible(true);
          Object one = component.getAccessor().invoke(record);
          if (one != null) {
            leaves(name + "." + component.getName(), one, into);
          }
        } catch (ReflectiveOperationException e) {
          throw new IllegalStateException(e);
        }
      }
    } else if (value instanceof List<?> list && list.stream().allMatch(Record.class::isInstance)) {
      for (int i = 0; i < list.size(); i++) {
        leaves(name + "[" + i + "]", list.get(i), into);
      }
    } else if (!(value instanceof Collection<?>)) {
      into.put(name, value);
    }
  }
}
