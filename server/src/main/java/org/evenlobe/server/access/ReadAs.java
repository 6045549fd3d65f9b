package org.evenlobe.server.access;

import org.evenlobe.core.measure.Wording;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** How whoever reads the answer of the running request reads quantities. */
public final class ReadAs {
  private static final String NAME = ReadAs.class.getName();

  private ReadAs() {}

  /** The answer is read so; without a request, nothing is. */
  public static void set(Wording wording) {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    if (request != null) {
      request.setAttribute(NAME, wording, RequestAttributes.SCOPE_REQUEST);
    }
  }

  /** That; metric where nobody has said. */
  public static Wording get() {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    return request != null
            && request.getAttribute(NAME, RequestAttributes.SCOPE_REQUEST)
                instanceof Wording wording
        ? wording
        : Wording.METRIC;
  }
}
