package org.evenlobe.server.problem;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Collections;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Refuses a request whose answer its caller would not take before anything is done; the framework
 * by itself finds that out only once the record is stored. So too one that says that its body is of
 * any type.
 */
@Component
class Acceptable implements HandlerInterceptor, WebMvcConfigurer {
  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this);
  }

  @Override
  public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
      throws HttpMediaTypeNotAcceptableException {
    String sent = request.getContentType();
    if (sent != null && MediaType.parseMediaType(sent).isWildcardType()) {
      throw new InvalidMediaTypeException(sent, "names no type");
    }
    boolean answersJson =
        handler instanceof HandlerMethod method
            && !method.isVoid()
            && request.getAttribute(HandlerMapping.PRODUCIBLE_MEDIA_TYPES_ATTRIBUTE) == null;
    List<String> accepted = Collections.list(request.getHeaders(HttpHeaders.ACCEPT));
    if (answersJson && !accepted.isEmpty() && !takesJson(accepted)) {
      throw new HttpMediaTypeNotAcceptableException(List.of(MediaType.APPLICATION_JSON));
    }
    return true;
  }

  private static boolean takesJson(List<String> accepted) {
    try {
      return MediaType.parseMediaTypes(accepted).stream()
          .anyMatch(MediaType.APPLICATION_JSON::isCompatibleWith);
    } catch (InvalidMediaTypeException none) {
      return false;
    }
  }
}
