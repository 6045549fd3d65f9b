package org.evenlobe.server.problem;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.EnumSet;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.web.filter.OncePerRequestFilter;

/** Names each request, before anything else sees it. */
final class RequestIds extends OncePerRequestFilter {
  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    // what is taken in without a thread goes on in another one
    if (request.getAttribute(RequestId.NAME) instanceof String begun) {
      RequestId.goOn(begun);
    } else {
      String id = RequestId.begin();
      request.setAttribute(RequestId.NAME, id);
      response.setHeader(RequestId.HEADER, id);
    }
    try {
      chain.doFilter(request, response);
    } finally {
      RequestId.end();
    }
  }

  @Override
  protected boolean shouldNotFilterAsyncDispatch() {
    return false;
  }

  /** Stands around everything else. */
  @Configuration
  static class Outermost {
    @Bean
    FilterRegistrationBean<RequestIds> requestIds() {
      FilterRegistrationBean<RequestIds> filter = new FilterRegistrationBean<>(new RequestIds());
      filter.setOrder(Ordered.HIGHEST_PRECEDENCE);
      filter.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC));
      return filter;
    }
  }
}
