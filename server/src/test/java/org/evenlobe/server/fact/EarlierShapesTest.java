package org.evenlobe.server.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Role;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What was said when a kind's class, or one of its fields, was called otherwise. */
@ExtendWith(RunningServer.class)
class EarlierShapesTest {
  private static final String SAID =
      "{\"at\": \"2026-01-01T10:00:00Z\", \"%s\": 7, \"redness\": \"%s\", \"swelling\": \"NONE\","
          + " \"sores\": \"NONE\", \"discharge\": \"NONE\"}";

  private final Caller owner = Caller.newOwner();
  private final UUID id = UUID.randomUUID();
  private final String path = owner.at("/gradings/" + id);
  private final JdbcClient database = JdbcClient.create(RunningServer.ownerSource());

  private static String said(String field, String redness) {
    return SAID.formatted(field, redness);
  }

  @BeforeEach
  void asTheVersionBeforeLeftIt() {
    assertThat(owner.create(path, said("drawing", "MILD")).status()).isEqualTo(200);
    database
        .sql(
            """
            update fact_version set shape = 1,
              body = body - 'drawing' || jsonb_build_object('ear', body -> 'drawing')
            where fact_id = ?
            """)
        .param(id)
        .update();
  }

  @Test
  void areReadCorrectedAndBroughtBack() {
    assertThat(owner.get(path + "/versions").json().at("/0/said/drawing").asInt()).isEqualTo(7);

    assertThat(owner.correct(path, 1, said("drawing", "SEVERE")).status()).isEqualTo(200);
    assertThat(owner.post(path + "/versions/1/restore", "").status()).isEqualTo(200);

    assertThat(owner.get(path + "/versions").json().at("/0/said/redness").asString())
        .isEqualTo("MILD");
    assertThat(
            database
                .sql("select shape from fact_version where fact_id = ? order by version")
                .param(id)
                .query(Integer.class)
                .list())
        .containsExactly(1, 2, 2);
  }

  @Test
  void aRetryOfAnAppThatWasOpenSinceBeforeDoublesNothing() {
    assertThat(owner.create(path, said("ear", "MILD")).status()).isEqualTo(200);
    assertThat(owner.get(path + "/versions").json()).hasSize(1);

    assertThat(owner.correct(path, 1, said("ear", "SEVERE")).status()).isEqualTo(200);
    assertThat(owner.get(path + "/versions").json().at("/0/said/drawing").asInt()).isEqualTo(7);
    assertThat(owner.correct(path, 2, said("ears", "SEVERE")).refusedFields())
        .containsExactly("ears");
  }

  @Test
  void standInTablesAsTheyAreCalledToday() {
    assertThat(owner.get(owner.at("/logs/gradings.csv")).body())
        .contains("drawing")
        .contains(",7,");
  }

  private void handOut(List<FactHistory> all) {
    FactHistories histories = RunningServer.bean(FactHistories.class);
    Member member = new Member(owner.household(), UUID.randomUUID(), Role.OWNER);
    CurrentMember.run(
        member,
        () ->
            new TransactionTemplate(RunningServer.bean(PlatformTransactionManager.class))
                .executeWithoutResult(in -> histories.each("dogs", all::add)));
  }

  @Test
  void areCarriedAsTheyWereSaid() {
    List<FactHistory> all = new ArrayList<>();
    handOut(all);

    FactHistory grading = all.stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
    assertThat(grading.kind()).isEqualTo("gradings");
    assertThat(grading.versions().get(0).shape()).isEmpty();
    assertThat(grading.lastSaid().orElseThrow().get("ear").asInt()).isEqualTo(7);
  }

  /** As if the class of the stored fact had been called something else. */
  private static class Renamed extends StoredFact<Object> {
    @Override
    protected void say(Object said) {
      throw new UnsupportedOperationException();
    }
  }

  @Test
  void areFoundWhateverTheClassOfTheirKindIsCalled() {
    FactKind<?, ?> today = RunningServer.bean(FactKinds.class).at("gradings");
    FactKind<Object, Renamed> renamed =
        new FactKind<Object, Renamed>(
                "gradings",
                Object.class,
                Renamed.class,
                Renamed::new,
                true,
                Role.CARER,
                body -> Optional.empty(),
                (fact, body) -> {})
            .shaped(today.shapes());
    FactStore store = RunningServer.bean(FactStore.class);

    CurrentMember.run(
        new Member(owner.household(), UUID.randomUUID(), Role.OWNER),
        () ->
            new TransactionTemplate(RunningServer.bean(PlatformTransactionManager.class))
                .executeWithoutResult(in -> assertThat(store.versions(renamed, id)).hasSize(1)));
  }
}
