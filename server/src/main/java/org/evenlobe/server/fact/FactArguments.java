package org.evenlobe.server.fact;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.server.ServletServerHttpRequest;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads what every controller of facts takes: the precondition of a write from its headers, and the
 * body of the kind that the address names.
 */
@Configuration
class FactArguments implements WebMvcConfigurer {
  private final FactKinds kinds;
  private final Bodies bodies;
  private final ObjectProvider<JsonMapper> json;

  FactArguments(FactKinds kinds, Bodies bodies, ObjectProvider<JsonMapper> json) {
    this.kinds = kinds;
    this.bodies = bodies;
    this.json = json;
  }

  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(new Preconditions());
    resolvers.add(new Said(kinds, bodies, json.getObject()));
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

  /** A body of the kind that stands in the address, validated. */
  private static final class Said implements HandlerMethodArgumentResolver {
    private final FactKinds kinds;
    private final Bodies bodies;
    private final JsonMapper json;

    Said(FactKinds kinds, Bodies bodies, JsonMapper json) {
      this.kinds = kinds;
      this.bodies = bodies;
      this.json = json;
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
      return parameter.hasParameterAnnotation(FactBody.class);
    }

    @Override
    public Object resolveArgument(
        MethodParameter parameter,
        @Nullable ModelAndViewContainer container,
        NativeWebRequest request,
        @Nullable WebDataBinderFactory binders)
        throws IOException, HttpMediaTypeNotSupportedException {
      Object variables =
          request.getAttribute(
              HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
      String path = variables instanceof Map<?, ?> map ? String.valueOf(map.get("kind")) : "";
      FactKind<?, ?> kind = kinds.at(path);
      ServletServerHttpRequest sent =
          new ServletServerHttpRequest(request.getNativeRequest(HttpServletRequest.class));
      MediaType type = sent.getHeaders().getContentType();
      if (type == null
          || !type.isConcrete()
          || !MediaType.APPLICATION_JSON.isCompatibleWith(type)) {
        throw new HttpMediaTypeNotSupportedException(type, List.of(MediaType.APPLICATION_JSON));
      }
      try {
        Object said = read(kind, json.readTree(sent.getBody()));
        if (said == null) {
          throw new HttpMessageNotReadableException("nothing was sent", sent);
        }
        bodies.validate(said);
        return said;
      } catch (JacksonException unreadable) {
        throw new HttpMessageNotReadableException("it cannot be read", unreadable, sent);
      }
    }

    /**
     * In the shape of today, or in that of an app that was open since before; where it is of none,
     * what is wrong is said of today's.
     */
    private @Nullable Object read(FactKind<?, ?> kind, JsonNode body) {
      JacksonException wrong = null;
      for (int shape = kind.shapes().today(); shape >= 1; shape--) {
        try {
          return json.treeToValue(kind.shapes().today(body, shape), kind.body());
        } catch (JacksonException other) {
          wrong = wrong == null ? other : wrong;
        }
      }
      throw wrong;
    }
  }
}
