package org.evenlobe.server.account;

import org.evenlobe.server.passkey.RelyingParty;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.GitProperties;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What somebody who is not signed in may know of this server. */
@RestController
class SiteController {
  private final Registration registration;
  private final RelyingParty party;
  private final String version;

  SiteController(
      Registration registration, RelyingParty party, ObjectProvider<GitProperties> built) {
    this.party = party;
    this.registration = registration;
    GitProperties from = built.getIfAvailable();
    String described = from == null ? null : from.get("commit.id.describe");
    this.version = described == null ? "unknown" : described;
  }

  /**
   * This server.
   *
   * @param registration who may make an account
   * @param passkeysFor the host that passkeys are made for; under another name there are none
   * @param version its tag, or the commit that it was built from
   */
  record Site(Registration.Who registration, String passkeysFor, String version) {}

  @GetMapping("/api/site")
  Site site() {
    return new Site(registration.who(), party.id(), version);
  }
}
