package org.evenlobe.server.site;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.FlashMap;
import org.springframework.web.servlet.FlashMapManager;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The single-page app: its hashed files may be kept for ever, its routes all lead to one page. */
@Configuration
class StaticFiles implements WebMvcConfigurer {
  private static final String[] ROUTES = {
    "/",
    "/sign-in",
    "/register",
    "/forgotten",
    "/new-password/**",
    "/confirm/**",
    "/stop/**",
    "/dogs/**",
    "/household/**",
    "/bench/**",
    "/stock/**",
    "/month/**",
    "/doses/**",
    "/trends/**",
    "/rulebook/**",
    "/learn/**",
    "/round/**",
    "/more/**",
    "/share/**",
    "/hand-over/**",
    "/join/**"
  };

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
  }

  /**
   * Nothing is handed from one page to the next: else every file would be a look at the session.
   */
  @Bean
  FlashMapManager flashMapManager() {
    return new FlashMapManager() {
      @Override
      public @Nullable FlashMap retrieveAndUpdate(
          HttpServletRequest request, HttpServletResponse response) {
        return null;
      }

      @Override
      public void saveOutputFlashMap(
          FlashMap flashMap, HttpServletRequest request, HttpServletResponse response) {
        // there is none to keep
      }
    };
  }

  @Override
  public void addViewControllers(ViewControllerRegistry registry) {
    for (String route : ROUTES) {
      registry.addViewController(route).setViewName("forward:/index.html");
    }
  }
}
