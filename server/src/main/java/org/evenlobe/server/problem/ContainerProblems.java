package org.evenlobe.server.problem;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;

/** What the container refuses before anything here has seen it is a problem document, too. */
final class ContainerProblems extends ErrorReportValve {

  @Override
  protected void report(Request request, Response response, Throwable failure) {
    HttpStatus status = HttpStatus.resolve(response.getStatus());
    boolean isAnswered = response.isCommitted() || response.getContentWritten() > 0;
    if (status == null || !status.isError() || isAnswered || !response.setErrorReported()) {
      return;
    }
    try {
      ProblemWriter.write(response, Refusal.of(status));
      response.finishResponse();
    } catch (IOException callerWentAway) {
      // nobody is there to be answered
    }
  }

  /** Stands around the whole application. */
  @Configuration
  static class Around {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> containerProblems() {
      return factory ->
          factory.addContextCustomizers(
              context -> context.getParent().getPipeline().addValve(new ContainerProblems()));
    }
  }
}
