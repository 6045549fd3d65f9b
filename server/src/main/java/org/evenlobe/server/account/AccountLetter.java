package org.evenlobe.server.account;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A mail about an account that is to be written. It holds nothing that lets anybody in: a link is
 * made when the mail is sent.
 *
 * @param subject what it is about
 * @param person whose account; looked up by the address where they cannot be asked
 * @param email to which address
 * @param detail what happened, in a few words
 */
record AccountLetter(
    Subject subject, @Nullable UUID person, String email, @Nullable String detail) {

  /** What such a mail is about. */
  enum Subject {
    /** A link to a new password was asked for. */
    RESET,
    /** An address is to be confirmed. */
    CONFIRM,
    PASSWORD_CHANGED,
    EMAIL_CHANGED,
    NEW_DEVICE,
    PASSKEY_MADE,
    TO_BE_ERASED
  }
}
