package org.evenlobe.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every page of the web client can be reloaded: its address answers with the client itself. */
@ExtendWith(RunningServer.class)
class DeepLinkTest {
  private static final Pattern PATH = Pattern.compile("path: '([^'*]+)'");

  static Stream<String> routes() throws IOException {
    String routes = Files.readString(Path.of("../web/src/routes.ts"));
    return PATH.matcher(routes)
        .results()
        .map((MatchResult found) -> found.group(1).replaceAll(":\\w+", "x"))
        .map(path -> path.startsWith("/") ? path : "/" + path);
  }

  @ParameterizedTest
  @MethodSource("routes")
  void isAnsweredWithTheClient(String path) {
    Caller.Answer answer = Caller.signedOut().get(path);

    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.body()).contains("<div id=\"root\">");
  }

  @ParameterizedTest
  @MethodSource("strange")
  void isNotFoundWhereThereIsNoPage(String path) {
    assertThat(Caller.signedOut().get(path).status()).isEqualTo(404);
  }

  static Stream<String> strange() {
    return Stream.of("/nowhere", "/assets/none.js");
  }
}
