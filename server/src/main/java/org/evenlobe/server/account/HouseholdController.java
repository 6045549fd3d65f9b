package org.evenlobe.server.account;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.access.AuditLog;
import org.evenlobe.server.access.AuditLog.Event;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.FreshPassword;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.access.SignedInPerson;
import org.evenlobe.server.account.Members.FreshInvitation;
import org.evenlobe.server.account.Members.Invitation;
import org.evenlobe.server.account.Members.Offer;
import org.evenlobe.server.account.Members.Sharer;
import org.evenlobe.server.fact.ChangeNumber;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A household's members and invitations, and whether anything changed. */
@RestController
class HouseholdController {
  private final Members members;
  private final ChangeNumber changes;
  private final FreshPassword password;

  HouseholdController(Members members, ChangeNumber changes, FreshPassword password) {
    this.password = password;
    this.members = members;
    this.changes = changes;
  }

  /**
   * What somebody may do, and until when.
   *
   * @param role what they may do
   * @param endsOn the last day; left out where it does not end by itself
   */
  record MembershipRequest(@NotNull Role role, @Nullable LocalDate endsOn) {}

  /**
   * What the invited may do, and until when.
   *
   * @param role what they may do
   * @param memberUntil the last day; left out where it does not end by itself
   */
  record InvitationRequest(@NotNull Role role, @Nullable LocalDate memberUntil) {}

  /**
   * The household that was joined.
   *
   * @param household its id
   */
  record Joined(UUID household) {}

  /**
   * Raised by every write.
   *
   * @param number compare it with the last one seen
   */
  record Changes(long number) {}

  @GetMapping("/api/households/{household}/changes")
  Changes changes(@PathVariable UUID household) {
    return new Changes(changes.get());
  }

  @GetMapping("/api/households/{household}/members")
  List<Sharer> members(@PathVariable UUID household) {
    return members.all();
  }

  @Needs(Role.OWNER)
  @PutMapping("/api/households/{household}/members/{person}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void changeMember(
      @PathVariable UUID household,
      @PathVariable UUID person,
      @Valid @RequestBody MembershipRequest request) {
    members.change(person, request.role(), request.endsOn());
    AuditLog.note(Event.ROLE_CHANGED, CurrentMember.get().person(), person);
  }

  /** Ends a membership; everybody may end their own. */
  @Needs(Role.VIEWER)
  @DeleteMapping("/api/households/{household}/members/{person}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void endMembership(@PathVariable UUID household, @PathVariable UUID person) {
    members.end(person);
    AuditLog.note(Event.MEMBERSHIP_ENDED, CurrentMember.get().person(), person);
  }

  @Needs(Role.OWNER)
  @GetMapping("/api/households/{household}/invitations")
  List<Invitation> invitations(@PathVariable UUID household) {
    return members.invitations();
  }

  @Needs(Role.OWNER)
  @PostMapping("/api/households/{household}/invitations")
  FreshInvitation invite(
      @PathVariable UUID household,
      HttpServletRequest http,
      @Valid @RequestBody InvitationRequest request) {
    if (request.role() == Role.OWNER) {
      password.require(http);
    }
    FreshInvitation made = members.invite(request.role(), request.memberUntil());
    AuditLog.note(Event.INVITED, CurrentMember.get().person(), made.id());
    return made;
  }

  @Needs(Role.OWNER)
  @DeleteMapping("/api/households/{household}/invitations/{invitation}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void revoke(@PathVariable UUID household, @PathVariable UUID invitation) {
    members.revoke(invitation);
    AuditLog.note(Event.INVITATION_TAKEN_BACK, CurrentMember.get().person(), invitation);
  }

  @GetMapping("/api/invitations/{token}")
  Offer offer(@PathVariable String token) {
    return members.offer(token);
  }

  @PostMapping("/api/invitations/{token}/accept")
  Joined accept(
      @PathVariable String token,
      @Parameter(hidden = true) @AuthenticationPrincipal SignedInPerson person) {
    UUID joined = members.accept(token, person.id());
    AuditLog.note(Event.JOINED, person.id(), joined);
    return new Joined(joined);
  }
}
