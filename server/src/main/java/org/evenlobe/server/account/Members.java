package org.evenlobe.server.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Memberships;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.access.Secrets;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who shares a household: members, invitations by link, leaving and handing over. */
@Service
class Members {
  private static final Duration INVITATION_HOLDS = Duration.ofDays(14);

  private final JdbcClient jdbc;
  private final HouseholdDay day;
  private final Memberships memberships;
  private final Clock clock;

  Members(JdbcClient jdbc, HouseholdDay day, Memberships memberships, Clock clock) {
    this.jdbc = jdbc;
    this.day = day;
    this.memberships = memberships;
    this.clock = clock;
  }

  /**
   * Somebody who belongs to the household.
   *
   * @param person their id
   * @param name what they are called
   * @param role what they may do
   * @param endsOn the last day, where it ends by itself
   */
  public record Sharer(UUID person, String name, Role role, Optional<LocalDate> endsOn) {}

  /**
   * An invitation that may still be accepted.
   *
   * @param id its id
   * @param role what the invited may do
   * @param memberUntil the last day of the membership, where it ends by itself
   * @param expiresAt how long the link holds
   */
  public record Invitation(
      UUID id, Role role, Optional<LocalDate> memberUntil, Instant expiresAt) {}

  /**
   * A fresh invitation.
   *
   * @param id its id
   * @param token what the link ends with; it is shown this once
   */
  public record FreshInvitation(UUID id, String token) {}

  /**
   * What an invitation offers, for the one who holds the link.
   *
   * @param household what the household is called
   * @param role what they could do there
   */
  public record Offer(String household, Role role) {}

  /** All members, by name. */
  @Transactional(readOnly = true)
  public List<Sharer> all() {
    return jdbc.sql(
            """
            select person_id, person.name, role, ends_on
            from membership join person on person.id = person_id
            where household_id = ? order by person.name, person_id
            """)
        .param(CurrentMember.household())
        .query(
            (row, n) ->
                new Sharer(
                    row.getObject(1, UUID.class),
                    row.getString(2),
                    Role.valueOf(row.getString(3)),
                    Optional.ofNullable(row.getObject(4, LocalDate.class))))
        .list();
  }

  /**
   * Changes what a member may do, and until when.
   *
   * @throws Refusal 404 if there is no such member
   * @throws InvalidFields if nobody would own the household then
   */
  @Transactional
  public void change(UUID person, Role role, @Nullable LocalDate endsOn) {
    if (endsOn != null && endsOn.isBefore(day.today())) {
      throw InvalidFields.of("endsOn", "must not lie in the past");
    }
    lock();
    if (role != Role.OWNER) {
      endInvitationsOf(person);
    }
    int changed =
        jdbc.sql(
                """
                update membership set role = ?, ends_on = ?
                where household_id = ? and person_id = ?
                """)
            .params(role.name(), endsOn, CurrentMember.household(), person)
            .update();
    if (changed == 0) {
      throw Refusal.notFound();
    }
    requireLastingOwner();
  }

  /**
   * Ends a membership: an owner may end anybody's, everybody their own.
   *
   * @throws Refusal 403 or 404
   * @throws InvalidFields if nobody would own the household then
   */
  @Transactional
  public void end(UUID person) {
    Member me = CurrentMember.get();
    if (!me.person().equals(person) && !me.role().covers(Role.OWNER)) {
      throw Refusal.forbidden("Only an owner can end somebody else's membership.");
    }
    lock();
    endInvitationsOf(person);
    int ended =
        jdbc.sql("delete from membership where household_id = ? and person_id = ?")
            .params(me.household(), person)
            .update();
    if (ended == 0) {
      throw Refusal.notFound();
    }
    requireLastingOwner();
  }

  /** Makes an invitation whose link holds for 14 days. */
  @Transactional
  public FreshInvitation invite(Role role, @Nullable LocalDate memberUntil) {
    if (memberUntil != null && memberUntil.isBefore(day.today())) {
      throw InvalidFields.of("memberUntil", "must not lie in the past");
    }
    String token = Secrets.fresh();
    UUID id = UUID.randomUUID();
    Member me = CurrentMember.get();
    jdbc.sql(
            """
            insert into invite
              (household_id, id, token_hash, role, member_until, expires_at, invited_by)
            values (?, ?, ?, ?, ?, ?, ?)
            """)
        .params(
            me.household(),
            id,
            Secrets.hashed(token),
            role.name(),
            memberUntil,
            now().plus(INVITATION_HOLDS),
            me.person())
        .update();
    return new FreshInvitation(id, token);
  }

  /** Invitations that may still be accepted. */
  @Transactional(readOnly = true)
  public List<Invitation> invitations() {
    return open("invite.household_id = ?", CurrentMember.household()).stream()
        .map(
            open ->
                new Invitation(
                    open.id(),
                    open.role(),
                    Optional.ofNullable(open.memberUntil()),
                    open.expiresAt()))
        .toList();
  }

  /**
   * Takes an invitation back.
   *
   * @throws Refusal 404 if there is none that could be accepted
   */
  @Transactional
  public void revoke(UUID invitation) {
    int revoked =
        jdbc.sql(
                """
                update invite set revoked_at = ?
                where household_id = ? and id = ? and accepted_by is null
                """)
            .params(now(), CurrentMember.household(), invitation)
            .update();
    if (revoked == 0) {
      throw Refusal.notFound();
    }
  }

  /**
   * What the link offers.
   *
   * @throws Refusal 404 if it was revoked, accepted, or does not hold any more
   */
  @Transactional(readOnly = true)
  public Offer offer(String token) {
    Open open = open(token);
    jdbc.sql("select set_config('evenlobe.household', ?, true)")
        .param(open.household().toString())
        .query(String.class)
        .single();
    return jdbc.sql("select name from settings where household_id = ?")
        .param(open.household())
        .query((row, n) -> new Offer(row.getString(1), open.role()))
        .single();
  }

  /**
   * Makes the person a member; one whose membership has ended begins anew. One who is a member
   * already gains by it or stays as they are: nothing is shortened, and an invitation that would
   * change nothing is not used up.
   *
   * @return the household
   * @throws Refusal 404 if the link does not hold
   */
  @Transactional
  public UUID accept(String token, UUID person) {
    Open open = open(token);
    Optional<Present> present = present(open, person);
    if (present.isPresent() && !open.betters(present.get())) {
      return open.household();
    }
    int taken =
        jdbc.sql(
                """
                update invite set accepted_by = ?
                where household_id = ? and id = ? and accepted_by is null and revoked_at is null
                """)
            .params(person, open.household(), open.id())
            .update();
    if (taken == 0) {
      throw Refusal.notFound();
    }
    if (present.isEmpty()) {
      // what hung on a membership that has ended, such as a calendar's link, ends with it
      jdbc.sql("delete from membership where household_id = ? and person_id = ?")
          .params(open.household(), person)
          .update();
    }
    jdbc.sql(
            """
            insert into membership (household_id, person_id, role, since, ends_on)
            values (?, ?, ?, ?, ?)
            on conflict (household_id, person_id) do update
            set role = excluded.role, ends_on = excluded.ends_on
            """)
        .params(open.household(), person, open.role().name(), now(), open.memberUntil())
        .update();
    return open.household();
  }

  private record Present(Role role, @Nullable LocalDate endsOn) {}

  private Optional<Present> present(Open open, UUID person) {
    return jdbc.sql(
            """
            select role, ends_on from membership
            where household_id = ? and person_id = ? for update
            """)
        .params(open.household(), person)
        .query(
            (row, n) ->
                new Present(Role.valueOf(row.getString(1)), row.getObject(2, LocalDate.class)))
        .optional()
        .filter(held -> memberships.lasts(held.endsOn(), open.zone()));
  }

  private record Open(
      UUID household,
      UUID id,
      Role role,
      @Nullable LocalDate memberUntil,
      Instant expiresAt,
      @Nullable LocalDate makerEndsOn,
      ZoneId zone) {

    /** Whether it offers at least as much for at least as long, and more of one of them. */
    boolean betters(Present present) {
      boolean asLong =
          memberUntil == null
              || (present.endsOn() != null && !memberUntil.isBefore(present.endsOn()));
      boolean same = role == present.role() && Objects.equals(memberUntil, present.endsOn());
      return role.covers(present.role()) && asLong && !same;
    }
  }

  private Open open(String token) {
    return open("token_hash = ?", Secrets.hashed(token)).stream()
        .findFirst()
        .orElseThrow(Refusal::notFound);
  }

  /** Those that nobody took yet and whose maker may still make them. */
  private List<Open> open(String which, Object parameter) {
    return jdbc
        .sql(
            """
            select invite.household_id, id, invite.role, member_until, expires_at, maker.ends_on,
              household_zone(invite.household_id)
            from invite
            join membership maker
              on maker.household_id = invite.household_id and maker.person_id = invited_by
            where accepted_by is null and revoked_at is null and expires_at > ?
              and maker.role = 'OWNER' and %s
            order by expires_at, id
            """
                .formatted(which))
        .params(now(), parameter)
        .query(
            (row, n) ->
                new Open(
                    row.getObject(1, UUID.class),
                    row.getObject(2, UUID.class),
                    Role.valueOf(row.getString(3)),
                    row.getObject(4, LocalDate.class),
                    row.getObject(5, OffsetDateTime.class).toInstant(),
                    row.getObject(6, LocalDate.class),
                    ZoneId.of(row.getString(7))))
        .list()
        .stream()
        .filter(open -> memberships.lasts(open.makerEndsOn(), open.zone()))
        .toList();
  }

  private void endInvitationsOf(UUID person) {
    jdbc.sql(
            """
            update invite set revoked_at = ?
            where household_id = ? and invited_by = ? and accepted_by is null
              and revoked_at is null
            """)
        .params(now(), CurrentMember.household(), person)
        .update();
  }

  /** Two owners who leave at once wait for each other. */
  private void lock() {
    jdbc.sql("select id from household where id = ? for update")
        .param(CurrentMember.household())
        .query(UUID.class)
        .single();
  }

  private void requireLastingOwner() {
    boolean owned =
        jdbc.sql(
                """
                select exists (
                  select from membership
                  where household_id = ? and role = 'OWNER' and ends_on is null)
                """)
            .param(CurrentMember.household())
            .query(Boolean.class)
            .single();
    if (!owned) {
      throw InvalidFields.of("role", "somebody must own the household: hand it over first");
    }
  }

  private OffsetDateTime now() {
    return OffsetDateTime.now(clock);
  }
}
