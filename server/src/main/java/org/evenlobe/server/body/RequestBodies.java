package org.evenlobe.server.body;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.evenlobe.server.access.Origin;
import org.evenlobe.server.problem.ProblemWriter;
import org.evenlobe.server.problem.Refusal;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.http.HttpHeaders;
import org.springframework.scheduling.annotation.Scheduled;

/**
 * Takes in what is sent with a request before any thread works on it: no more than its {@link
 * BodyLimit}, and without a thread waiting for it, so that any number of slow senders hold up
 * nobody. The request then goes on with its body in memory.
 */
final class RequestBodies implements Filter {
  private static final String BODY = RequestBodies.class.getName();

  private final SignedIn signedIn;
  private final HeldMemory memory = new HeldMemory();
  private final Set<ReceivedBody> awaited = ConcurrentHashMap.newKeySet();

  RequestBodies(SignedIn signedIn) {
    this.signedIn = signedIn;
  }

  @Override
  public void doFilter(ServletRequest servletRequest, ServletResponse response, FilterChain chain)
      throws IOException, ServletException {
    HttpServletRequest request = (HttpServletRequest) servletRequest;
    if (request.getAttribute(BODY) instanceof ReceivedBody body) {
      goOn(request, response, chain, body);
    } else if (request.getContentLengthLong() > 0
        || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null) {
      receive(request, (HttpServletResponse) response);
    } else {
      chain.doFilter(request, response);
    }
  }

  private void goOn(
      HttpServletRequest request, ServletResponse response, FilterChain chain, ReceivedBody body)
      throws IOException, ServletException {
    request.removeAttribute(BODY);
    try {
      chain.doFilter(new RequestWithBody(request, body.bytes()), response);
    } finally {
      body.release();
    }
  }

  private void receive(HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    Optional<String> person = person(request);
    BodyLimit limit = person.isPresent() ? BodyLimit.of(request) : BodyLimit.SIGNED_OUT;
    if (request.getContentLengthLong() > limit.bytes()) {
      response.setHeader(HttpHeaders.CONNECTION, "close");
      ProblemWriter.write(response, Refusal.tooLarge(limit.words()));
      return;
    }
    AsyncContext waiting = request.startAsync(request, response);
    waiting.setTimeout(limit.within().toMillis());
    ReceivedBody body = new ReceivedBody(waiting, limit, memory, senders(request, person));
    awaited.add(body);
    waiting.addListener(body);
    request.setAttribute(BODY, body);
    request.getInputStream().setReadListener(body);
  }

  /** Gives up what comes too slowly. */
  private void hurry() {
    long now = System.nanoTime();
    awaited.removeIf(body -> isOver(body, now));
  }

  private static boolean isOver(ReceivedBody body, long now) {
    try {
      return body.isOverOrTooSlow(now);
    } catch (IOException | RuntimeException callerWentAway) {
      return true;
    }
  }

  /** Who they are is asked only where it makes a difference. */
  private Optional<String> person(HttpServletRequest request) {
    long announced = request.getContentLengthLong();
    boolean small = announced >= 0 && announced <= BodyLimit.SIGNED_OUT.bytes();
    return small ? Optional.empty() : signedIn.sender(request);
  }

  private static Set<String> senders(HttpServletRequest request, Optional<String> person) {
    String from = Origin.of(request);
    return person.map(one -> Set.of(from, one)).orElseGet(() -> Set.of(from));
  }

  /** Stands right inside the filter that answers for all others. */
  @Configuration
  static class Registration {
    private final RequestBodies bodies;

    Registration(SignedIn signedIn) {
      bodies = new RequestBodies(signedIn);
    }

    @Bean
    BodyFigures bodyFigures() {
      return new BodyFigures(bodies.memory);
    }

    @Scheduled(fixedDelay = 2, timeUnit = TimeUnit.SECONDS)
    void hurry() {
      bodies.hurry();
    }

    @Bean
    FilterRegistrationBean<RequestBodies> requestBodies() {
      FilterRegistrationBean<RequestBodies> filter = new FilterRegistrationBean<>(bodies);
      filter.setOrder(Ordered.HIGHEST_PRECEDENCE + 2);
      filter.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC));
      return filter;
    }
  }
}
