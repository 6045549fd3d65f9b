package org.evenlobe.server.site;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The single-page app: its hashed files may be kept for ever, its routes all lead to one page. */
@Configuration
class StaticFiles implements WebMvcConfigurer {
  private static final String[] ROUTES = {
    "/", "/sign-in", "/register", "/dogs/**", "/household/**", "/stock/**", "/month/**", "/join/**"
  };

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
  }

  @Override
  public void addViewControllers(ViewControllerRegistry registry) {
    for (String route : ROUTES) {
      registry.addViewController(route).setViewName("forward:/index.html");
    }
  }
}
