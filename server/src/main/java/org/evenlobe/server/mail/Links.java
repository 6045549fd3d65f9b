package org.evenlobe.server.mail;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Where the app is found from outside, for what is read elsewhere. It is said by who runs it and
 * never taken from a request, whose headers anybody may write.
 */
@Component
public class Links {
  private final String url;

  Links(@Value("${evenlobe.url}") String url) {
    this.url = url.replaceFirst("/+$", "");
  }

  /** The whole address of a page. */
  public String to(String path) {
    return url + path;
  }
}
