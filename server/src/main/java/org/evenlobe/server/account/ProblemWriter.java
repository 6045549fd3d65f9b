package org.evenlobe.server.account;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.evenlobe.server.problem.Refusal;
import org.springframework.http.MediaType;

/** Writes a refusal where no controller is reached. */
final class ProblemWriter {
  private ProblemWriter() {}

  static void write(HttpServletResponse response, Refusal refusal) throws IOException {
    response.setStatus(refusal.getStatusCode().value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding("UTF-8");
    response
        .getWriter()
        .write(
            """
            {"type":"%s","title":"%s","status":%d,"detail":"%s"}"""
                .formatted(
                    refusal.getBody().getType(),
                    refusal.getBody().getTitle(),
                    refusal.getBody().getStatus(),
                    refusal.getBody().getDetail()));
  }
}
