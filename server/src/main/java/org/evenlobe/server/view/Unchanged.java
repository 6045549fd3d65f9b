package org.evenlobe.server.view;

import java.io.IOException;
import java.util.function.Function;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Standing;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.DigestUtils;
import org.springframework.web.context.request.WebRequest;

/**
 * Answers 304 where nothing that an answer is made of has changed: no fact or setting of the
 * household, not the day, not the weather, not the release.
 */
@Component
class Unchanged {
  private final Plans plans;
  private final String release;

  Unchanged(Plans plans, @Value("classpath:/static/index.html") Resource client)
      throws IOException {
    this.plans = plans;
    // it names the scripts by what is in them, so that it is another in every release
    this.release =
        client.exists() ? DigestUtils.md5DigestAsHex(client.getContentAsByteArray()) : "none";
  }

  /** That answer, made only where the caller does not have it already. */
  @Transactional(readOnly = true)
  public <T> ResponseEntity<T> or(WebRequest request, Function<Standing, T> answer) {
    Standing standing = plans.standing();
    // a weak one: behind a strong one the server would not compress
    String tag =
        "W/\"%s-%d-%s-%08x\""
            .formatted(
                release.substring(0, Math.min(8, release.length())),
                standing.change(),
                standing.today(),
                plans.reading(standing).hashCode());
    if (tag.equals(request.getHeader("If-None-Match"))) {
      return ResponseEntity.status(HttpStatus.NOT_MODIFIED).eTag(tag).build();
    }
    return ResponseEntity.ok()
        .eTag(tag)
        .cacheControl(CacheControl.noStore())
        .body(answer.apply(standing));
  }
}
