package org.evenlobe.server.problem;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.json.ProblemDetailJacksonMixin;
import tools.jackson.databind.json.JsonMapper;

/** Writes a refusal where no controller is reached. */
public final class ProblemWriter {
  private static final JsonMapper JSON =
      JsonMapper.builder()
          .addMixIn(ProblemDetail.class, ProblemDetailJacksonMixin.class)
          .changeDefaultPropertyInclusion(
              included -> included.withValueInclusion(JsonInclude.Include.NON_EMPTY))
          .build();

  private ProblemWriter() {}

  public static void write(HttpServletResponse response, Refusal refusal) throws IOException {
    response.setStatus(refusal.getStatusCode().value());
    refusal
        .getHeaders()
        .forEach((name, values) -> values.forEach(value -> response.addHeader(name, value)));
    String id =
        Optional.ofNullable(response.getHeader(RequestId.HEADER)).orElseGet(RequestId::current);
    response.setHeader(RequestId.HEADER, id);
    refusal.getBody().setProperty(RequestId.NAME, id);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding("UTF-8");
    response.getWriter().write(JSON.writeValueAsString(refusal.getBody()));
  }
}
