package org.evenlobe.server.mail;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A mail.
 *
 * @param person to whom
 * @param recipient their address
 * @param subject what it is about
 * @param body what it says
 * @param about what it is for; none in what was begun before there was more than one
 * @param stopLink where a mail program ends all of its sort by itself; none where it answers what
 *     somebody did
 */
public record Mail(
    UUID person,
    String recipient,
    String subject,
    String body,
    @Nullable About about,
    @Nullable String stopLink) {

  /** What a mail is for. */
  public enum About {
    /** What is due in a household. */
    REMINDER,
    /** What happened to somebody's account. */
    ACCOUNT,
    /** The same, with a link in it that lets its reader in. */
    SECRET
  }

  /** What is due in the current household. */
  public static Mail reminder(UUID person, String recipient, String subject, String body) {
    return new Mail(person, recipient, subject, body, About.REMINDER, null);
  }

  /**
   * The same mail, ending with where one click ends all of its sort.
   *
   * @param page for whoever reads it
   * @param oneClick for a mail program that does it by itself
   */
  public Mail endedBy(String page, String oneClick) {
    String ended = body + "\nTo stop these mails: " + page + "\n";
    return new Mail(person, recipient, subject, ended, about, oneClick);
  }

  boolean isReminder() {
    return about == null || about == About.REMINDER;
  }

  boolean isSecret() {
    return about == About.SECRET;
  }
}
