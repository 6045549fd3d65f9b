package org.evenlobe.server.problem;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where the container sends what it refuses by itself. Asked for directly, there is nothing. */
@Hidden
@RestController
class Errors implements ErrorController {
  @RequestMapping("/error")
  void error(HttpServletRequest request, HttpServletResponse response) throws IOException {
    HttpStatus status =
        request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
            ? HttpStatus.resolve(code)
            : HttpStatus.NOT_FOUND;
    ProblemWriter.write(
        response,
        status == null || status == HttpStatus.INTERNAL_SERVER_ERROR
            ? Refusal.unexpected()
            : Refusal.of(status));
  }
}
