package org.evenlobe.server.access;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.spi.LoggingEventBuilder;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Who came in, was refused, took something out, let somebody in or had something erased: a line of
 * the log each, by ids and addresses, without anything that people recorded.
 */
public final class AuditLog {
  private static final Logger LOG = LoggerFactory.getLogger("org.evenlobe.audit");

  private AuditLog() {}

  /** What is noted. */
  public enum Event {
    SIGNED_IN,
    SIGN_IN_REFUSED,
    TOO_MANY_TRIES,
    REGISTERED,
    PASSWORD_CHANGED,
    PASSWORD_RENEWED,
    ADDRESS_CHANGED,
    SESSION_ENDED,
    PASSKEY_MADE,
    PASSKEY_TAKEN_AWAY,
    ARCHIVE_TAKEN,
    INVITED,
    INVITATION_TAKEN_BACK,
    JOINED,
    ROLE_CHANGED,
    MEMBERSHIP_ENDED,
    ERASURE_ASKED,
    ERASURE_TAKEN_BACK,
    ERASED
  }

  /** Notes it of who is signed in. */
  public static void note(Event event) {
    note(event, SignedInPerson.currentId().orElse(null), null);
  }

  /**
   * Notes it.
   *
   * @param event what happened
   * @param person to or by whom, where that is known
   * @param about the id of what it is about, where there is one
   */
  public static void note(Event event, @Nullable UUID person, @Nullable UUID about) {
    StringBuilder line = new StringBuilder(event.name().toLowerCase(Locale.ROOT));
    LoggingEventBuilder entry = LOG.atInfo().addKeyValue("event", event.name());
    entry = add(entry, line, "person", Optional.ofNullable(person));
    entry = add(entry, line, "household", CurrentMember.find().map(Member::household));
    entry = add(entry, line, "about", Optional.ofNullable(about));
    entry = add(entry, line, "from", from());
    entry.log(line.toString());
  }

  private static LoggingEventBuilder add(
      LoggingEventBuilder entry, StringBuilder line, String name, Optional<?> value) {
    if (value.isEmpty()) {
      return entry;
    }
    line.append(' ').append(name).append('=').append(value.get());
    return entry.addKeyValue(name, value.get().toString());
  }

  private static Optional<String> from() {
    return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
        ? Optional.of(request.getRequest().getRemoteAddr())
        : Optional.empty();
  }
}
