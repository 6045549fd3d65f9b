package org.evenlobe.server.site;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** NOTICE names what ships, as the build has just found it; {@code bin/notice} writes it. */
class NoticeTest {
  private static final Path NOTICE = Path.of("../NOTICE");
  private static final String HEAD =
      """
      Even Lobe
      Licensed under the Apache License, Version 2.0.

      What ships with it, and under which licence. The texts of what the web page holds are on the app's
      page of licences; those of the server's libraries are in their jar files.
      """;

  private static Optional<JsonNode> written(String file) throws IOException {
    try (InputStream in = NoticeTest.class.getResourceAsStream("/static/licences/" + file)) {
      return in == null ? Optional.empty() : Optional.of(JsonMapper.shared().readTree(in));
    }
  }

  private static String lines(String title, JsonNode shipped) {
    return shipped
        .valueStream()
        .map(
            one ->
                "  %s %s: %s"
                    .formatted(
                        one.get("name").asString(),
                        one.get("version").asString(),
                        one.has("identifier")
                            ? one.get("identifier").asString()
                            : one.get("licences")
                                .valueStream()
                                .map(JsonNode::asString)
                                .collect(Collectors.joining(" or "))))
        .sorted()
        .collect(Collectors.joining("\n", "\n" + title + "\n", "\n"));
  }

  @Test
  void namesWhatShips() throws IOException {
    Optional<JsonNode> page = written("web.json");
    assumeTrue(page.isPresent(), "the web side was not built");
    String notice =
        HEAD
            + lines("The web page", page.orElseThrow())
            + lines("The server", written("server.json").orElseThrow());
    if (Boolean.getBoolean("evenlobe.notice.write")) {
      Files.writeString(NOTICE, notice);
    }

    assertThat(NOTICE).as("run bin/notice and commit what it writes").hasContent(notice);
    assertThat(notice).contains("fraunces", "OFL-1.1", "react", "org.hibernate.orm:hibernate-core");
  }
}
