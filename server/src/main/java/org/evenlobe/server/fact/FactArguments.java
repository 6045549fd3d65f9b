package org.evenlobe.server.fact;

import java.lang.reflect.Type;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.converter.json.JacksonJsonHttpMessageConverter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.mvc.method.annotation.RequestResponseBodyMethodProcessor;
import tools.jackson.databind.json.JsonMapper;

/** Hands controllers what a request says of a fact: its body, and what it believes of the fact. */
@Configuration
class FactArguments implements WebMvcConfigurer {
  private final FactKinds kinds;
  private final ObjectProvider<JsonMapper> json;

  FactArguments(FactKinds kinds, ObjectProvider<JsonMapper> json) {
    this.kinds = kinds;
    this.json = json;
  }

  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(new Preconditions());
    resolvers.add(
        new Bodies(kinds, List.of(new JacksonJsonHttpMessageConverter(json.getObject()))));
  }

  private static final class Preconditions implements HandlerMethodArgumentResolver {
    @Override
    public boolean supportsParameter(MethodParameter parameter) {
      return parameter.getParameterType() == Precondition.class;
    }

    @Override
    public Precondition resolveArgument(
        MethodParameter parameter,
        @Nullable ModelAndViewContainer container,
        NativeWebRequest request,
        @Nullable WebDataBinderFactory binders) {
      return Precondition.of(
          request.getHeader(HttpHeaders.IF_NONE_MATCH), request.getHeader(HttpHeaders.IF_MATCH));
    }
  }

  /** Reads and validates a body as Spring reads any other, but for where its class comes from. */
  private static final class Bodies extends RequestResponseBodyMethodProcessor {
    private final FactKinds kinds;

    Bodies(FactKinds kinds, List<HttpMessageConverter<?>> converters) {
      super(converters);
      this.kinds = kinds;
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
      return parameter.hasParameterAnnotation(FactBody.class);
    }

    @Override
    public @Nullable Object resolveArgument(
        MethodParameter parameter,
        @Nullable ModelAndViewContainer container,
        NativeWebRequest request,
        @Nullable WebDataBinderFactory binders)
        throws Exception {
      Object variables =
          request.getAttribute(
              HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
      String path = variables instanceof Map<?, ?> map ? String.valueOf(map.get("kind")) : "";
      return super.resolveArgument(
          new Typed(parameter, kinds.at(path).body()), container, request, binders);
    }

    @Override
    protected boolean checkRequired(MethodParameter parameter) {
      return true;
    }
  }

  /** A parameter of another class than the method says. */
  private static final class Typed extends MethodParameter {
    private final Class<?> type;

    Typed(MethodParameter original, Class<?> type) {
      super(original);
      this.type = type;
    }

    private Typed(Typed original) {
      super(original);
      this.type = original.type;
    }

    @Override
    public Class<?> getParameterType() {
      return type;
    }

    @Override
    public Type getGenericParameterType() {
      return type;
    }

    @Override
    public boolean equals(@Nullable Object other) {
      return other instanceof Typed typed && typed.type == type && super.equals(other);
    }

    @Override
    public int hashCode() {
      return 31 * super.hashCode() + type.hashCode();
    }

    @Override
    public MethodParameter clone() {
      return new Typed(this);
    }
  }
}
