package org.evenlobe.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.server.access.Memberships.Belonging;
import org.evenlobe.server.problem.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpMethod;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * The one place that checks membership and role for each request below {@code /api/households/{h}}.
 * A household that the person does not belong to is not found, whether it exists or not.
 */
@Component
class HouseholdGate implements HandlerInterceptor, WebMvcConfigurer {
  private final Memberships memberships;

  HouseholdGate(Memberships memberships) {
    this.memberships = memberships;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/api/households/*/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (!(handler instanceof HandlerMethod method)) {
      throw Refusal.notFound();
    }
    UUID household = household(request).orElseThrow(Refusal::notFound);
    UUID person = SignedInPerson.currentId().orElseThrow(Refusal::notFound);
    Belonging belonging = memberships.belonging(household, person).orElseThrow(Refusal::notFound);
    ReadAs.set(belonging.wording());
    belonging.role().require(needed(request, method));
    CurrentMember.set(new Member(household, person, belonging.role()));
    return true;
  }

  @Override
  public void afterCompletion(
      HttpServletRequest request,
      HttpServletResponse response,
      Object handler,
      @Nullable Exception failure) {
    CurrentMember.clear();
  }

  private static Role needed(HttpServletRequest request, HandlerMethod method) {
    Needs needs = method.getMethodAnnotation(Needs.class);
    if (needs != null) {
      return needs.value();
    }
    boolean reads =
        request.getMethod().equals(HttpMethod.GET.name())
            || request.getMethod().equals(HttpMethod.HEAD.name());
    return reads ? Role.VIEWER : Role.CARER;
  }

  private static Optional<UUID> household(HttpServletRequest request) {
    Object variables = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
    if (variables instanceof Map<?, ?> map && map.get("household") instanceof String id) {
      try {
        return Optional.of(UUID.fromString(id));
      } catch (IllegalArgumentException e) {
        return Optional.empty();
      }
    }
    return Optional.empty();
  }
}
