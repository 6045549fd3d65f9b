package org.evenlobe.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningServer.class)
class OpenApiTest {
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  /** {@code bin/openapi} sets evenlobe.openapi.write, so that this writes the file instead. */
  @Test
  void theWebClientsCopyIsTheDocumentThatIsServed() throws Exception {
    Path copy = Path.of(System.getProperty("evenlobe.openapi"));
    JsonNode served = Caller.signedOut().get("/api/openapi.json").json();
    if (Boolean.getBoolean("evenlobe.openapi.write")) {
      Files.writeString(copy, JSON.writeValueAsString(served) + "\n");
    }

    assertThat(JSON.readTree(Files.readString(copy)))
        .as("run bin/openapi and commit what it writes")
        .isEqualTo(served);
  }
}
