package org.evenlobe.server.problem;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.EnumSet;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers what fails outside the controllers with a problem document: reading a session from a
 * database that is gone, above all.
 */
final class LastResort extends OncePerRequestFilter {
  private static final Logger LOG = LoggerFactory.getLogger(LastResort.class);

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws IOException {
    try {
      chain.doFilter(request, response);
    } catch (Exception failure) {
      Refusal refusal = of(failure);
      if (!response.isCommitted()) {
        response.reset();
        ProblemWriter.write(response, refusal);
      }
    }
  }

  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false;
  }

  /** What is answered, noted in one line where it was to be expected. */
  static Refusal of(Throwable failure) {
    if (failure instanceof Refusal refusal) {
      return refusal;
    }
    if (DatabaseGone.isCauseOf(failure)) {
      LOG.warn("the database cannot be reached: {}", oneLine(failure));
      return Refusal.unreachable();
    }
    if (failure instanceof IOException) {
      LOG.debug("the caller went away", failure);
    } else {
      LOG.error("unexpected failure", failure);
    }
    return Refusal.unexpected();
  }

  private static String oneLine(Throwable failure) {
    Throwable root = failure;
    while (root.getCause() != null) {
      root = root.getCause();
    }
    return String.valueOf(root.getMessage()).lines().findFirst().orElse("");
  }

  /** Stands around everything but what names a request. */
  @Configuration
  static class Outermost {
    @Bean
    FilterRegistrationBean<LastResort> lastResort() {
      FilterRegistrationBean<LastResort> filter = new FilterRegistrationBean<>(new LastResort());
      filter.setOrder(Ordered.HIGHEST_PRECEDENCE + 1);
      filter.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC));
      return filter;
    }
  }
}
