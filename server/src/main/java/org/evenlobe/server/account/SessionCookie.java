package org.evenlobe.server.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.session.web.http.DefaultCookieSerializer;

/**
 * The session's cookie. What has not the shape of an id is none, and no database is asked for it.
 */
final class SessionCookie extends DefaultCookieSerializer {
  private static final Pattern ID =
      Pattern.compile("\\p{XDigit}{8}(-\\p{XDigit}{4}){3}-\\p{XDigit}{12}");

  @Override
  public List<String> readCookieValues(HttpServletRequest request) {
    return super.readCookieValues(request).stream().filter(id -> ID.matcher(id).matches()).toList();
  }
}
