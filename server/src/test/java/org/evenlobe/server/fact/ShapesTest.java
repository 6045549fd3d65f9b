package org.evenlobe.server.fact;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ShapesTest {
  private static final JsonMapper JSON = new JsonMapper();
  private final Shapes three =
      Shapes.FIRST
          .then(Shapes.renamed("ear", "drawing"))
          .then(body -> body.put("of", body.remove("drawing").asInt() % 2 == 0 ? "LEFT" : "RIGHT"));

  private static JsonNode json(String said) {
    return JSON.readTree(said.replace('\'', '"'));
  }

  @Test
  void eachIsMadeOfTheOneBeforeIt() {
    assertThat(three.today()).isEqualTo(3);
    assertThat(three.today(json("{'ear': 4}"), 1)).isEqualTo(json("{'of': 'LEFT'}"));
    assertThat(three.today(json("{'drawing': 3}"), 2)).isEqualTo(json("{'of': 'RIGHT'}"));
    assertThat(three.today(json("{'of': 'LEFT'}"), 3)).isEqualTo(json("{'of': 'LEFT'}"));
  }

  @Test
  void whatIsKeptStaysAsItWasSaid() {
    JsonNode kept = json("{'ear': 4}");

    three.today(kept, 1);

    assertThat(kept).isEqualTo(json("{'ear': 4}"));
  }

  @Test
  void aFieldThatIsNotThereIsNotMissed() {
    Shapes two = Shapes.FIRST.then(Shapes.renamed("ear", "drawing"));

    assertThat(two.today(json("{}"), 1)).isEqualTo(json("{}"));
    assertThat(two.has(2)).isTrue();
    assertThat(two.has(3)).isFalse();
    assertThat(two.has(0)).isFalse();
  }
}
