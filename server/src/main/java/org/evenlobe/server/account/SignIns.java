package org.evenlobe.server.account;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.evenlobe.server.access.Secrets;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** The sessions in which people are signed in. */
@Component
class SignIns {
  /** On which device it was begun, in words. */
  static final String DEVICE = "evenlobe.device";

  private final FindByIndexNameSessionRepository<? extends Session> sessions;

  SignIns(FindByIndexNameSessionRepository<? extends Session> sessions) {
    this.sessions = sessions;
  }

  /**
   * A session of the one who asks.
   *
   * @param id names it; whoever knows it cannot use the session
   * @param device on what it was begun
   * @param since when
   * @param lastSeen when something was last asked in it
   * @param isThis whether it is the one that asks
   */
  record SignIn(String id, String device, Instant since, Instant lastSeen, boolean isThis) {}

  /** Theirs, the one that was used last first. */
  List<SignIn> of(UUID person, String present) {
    return byId(person).entrySet().stream()
        .map(
            one -> {
              Session session = one.getValue();
              return new SignIn(
                  Secrets.hashed(one.getKey()),
                  session.getAttributeOrDefault(DEVICE, "A device"),
                  session.getCreationTime(),
                  session.getLastAccessedTime(),
                  one.getKey().equals(present));
            })
        .sorted(Comparator.comparing(SignIn::lastSeen).reversed())
        .toList();
  }

  /** Ends one; whether there was such a one. */
  boolean end(UUID person, String id) {
    List<String> found =
        byId(person).keySet().stream().filter(one -> Secrets.hashed(one).equals(id)).toList();
    found.forEach(sessions::deleteById);
    return !found.isEmpty();
  }

  /** Ends all but one. */
  void endAllBut(UUID person, String kept) {
    byId(person).keySet().stream().filter(one -> !one.equals(kept)).forEach(sessions::deleteById);
  }

  /** Ends all. */
  void endAll(UUID person) {
    endAllBut(person, "");
  }

  private Map<String, ? extends Session> byId(UUID person) {
    return sessions.findByPrincipalName(person.toString());
  }
}
