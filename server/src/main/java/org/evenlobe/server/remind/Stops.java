package org.evenlobe.server.remind;

import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.Member;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.mail.Links;
import org.evenlobe.server.mail.Mail;
import org.evenlobe.server.mail.MailService;
import org.evenlobe.server.mail.MailedSecrets;
import org.evenlobe.server.mail.MailedSecrets.Held;
import org.evenlobe.server.mail.MailedSecrets.Use;
import org.evenlobe.server.problem.Refusal;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * The link with which each reminder ends, and what it does: no more of them, without signing in.
 */
@RestController
class Stops {
  private final MailedSecrets secrets;
  private final Links links;
  private final Wishes wishes;

  Stops(MailedSecrets secrets, Links links, Wishes wishes) {
    this.secrets = secrets;
    this.links = links;
    this.wishes = wishes;
  }

  /** Sends a reminder of the current household with its link. */
  void send(Mail mail, MailService mails) {
    Held held = new Held(mail.person(), CurrentMember.household(), mail.recipient());
    String secret = secrets.make(Use.STOP, held);
    mails.send(mail.endedBy(links.to("/stop/" + secret), links.to("/api/stop/" + secret)));
  }

  /** Ends the reminders that the link came with; as often as one likes. */
  @PostMapping("/api/stop/{token}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void stop(@PathVariable String token) {
    Held held = secrets.look(Use.STOP, token).orElseThrow(Refusal::notFound);
    UUID household = held.household();
    if (household == null) {
      throw Refusal.notFound();
    }
    CurrentMember.run(
        new Member(household, held.person(), Role.VIEWER),
        () -> wishes.stop(household, held.person()));
  }
}
