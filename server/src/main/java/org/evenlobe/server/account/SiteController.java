package org.evenlobe.server.account;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.GitProperties;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What somebody who is not signed in may know of this server. */
@RestController
class SiteController {
  private final Registration registration;
  private final String version;

  SiteController(Registration registration, ObjectProvider<GitProperties> built) {
    this.registration = registration;
    GitProperties from = built.getIfAvailable();
    String described = from == null ? null : from.get("commit.id.describe");
    this.version = described == null ? "unknown" : described;
  }

  /**
   * This server.
   *
   * @param registration who may make an account
   * @param version its tag, or the commit that it was built from
   */
  record Site(Registration.Who registration, String version) {}

  @GetMapping("/api/site")
  Site site() {
    return new Site(registration.who(), version);
  }
}
