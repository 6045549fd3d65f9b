package org.evenlobe.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Dogs in and out as a table. */
@ExtendWith(RunningServer.class)
class DogTableTest {
  private final Caller owner = Caller.newOwner();

  private static String body(String csv) {
    return JsonMapper.shared().writeValueAsString(Map.of("csv", csv));
  }

  private Caller.Answer preview(String csv) {
    return owner.post(owner.at("/previews/dogs"), body(csv));
  }

  private Caller.Answer add(String csv) {
    return owner.post(owner.at("/dogs-of-table"), body(csv));
  }

  private List<String> names() {
    return owner
        .get(owner.at("/today"))
        .json()
        .get("dogs")
        .valueStream()
        .map(dog -> dog.get("profile").get("name").asString())
        .toList();
  }

  /** Twenty dogs, of which the fifth has no flap, the ninth no name and the last a wrong day. */
  private static String kennel(boolean wrong) {
    String lines =
        IntStream.rangeClosed(1, 20)
            .mapToObj(
                i ->
                    "%s,%s,%s"
                        .formatted(
                            wrong && i == 9 ? "" : "Dog " + i,
                            wrong && i == 5 ? "" : "beagle",
                            wrong && i == 20 ? "17.5.2024" : "2024-05-17"))
            .collect(Collectors.joining("\r\n"));
    return "name,breed,born\r\n" + lines;
  }

  @Test
  void threeWrongLinesAreNamedAndNothingIsAdded() {
    JsonNode lines = preview(kennel(true)).json().get("lines");

    assertThat(lines).hasSize(20);
    assertThat(lines.valueStream().filter(line -> line.get("outcome").asString().equals("WRONG")))
        .extracting(line -> line.get("number").asInt())
        .containsExactly(6, 10, 21);
    Caller.Answer refused = add(kennel(true));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.refusedFields())
        .containsExactlyInAnyOrder("line 6, flap", "line 10, name", "line 21, born");
    assertThat(names()).isEmpty();
  }

  @Test
  void twentyDogsAreAddedAtOnceAndNotTwice() {
    assertThat(add(kennel(false)).json().get("added").asInt()).isEqualTo(20);
    assertThat(names()).hasSize(20);
    assertThat(add(kennel(false)).json().get("added").asInt()).isZero();
    assertThat(names()).hasSize(20);
  }

  @Test
  void whatGoesOutComesInTheSame() {
    add(
        "name,breed,second breed,born,weight kg,joined,flap,water,infections\r\n"
            + "\"Wren, the \"\"loud\"\" one\",beagle,basset-hound,2021-03-04,14.5,2023-01-02,"
            + "stands up,weekly,two or more\r\n");
    String table = owner.get(owner.at("/dogs.csv")).body();
    Caller other = Caller.newOwner();

    assertThat(other.post(other.at("/dogs-of-table"), body(table)).json().get("added").asInt())
        .isEqualTo(1);
    assertThat(other.get(other.at("/dogs.csv")).body()).isEqualTo(table);
  }

  @Test
  void whatIsNoSuchTableIsRefusedBySayingWhatWasExpected() {
    assertThat(preview("naam,ras\nFen,beagle").refusedFields()).contains("csv");
    assertThat(preview("name\n\"Fen").refusedFields()).containsExactly("csv");
    assertThat(preview("name,name\nFen,Fen").refusedFields()).containsExactly("csv");
    String many = "name,flap\n" + "Fen,stands up\n".repeat(501);
    assertThat(preview(many).refusedFields()).containsExactly("csv");
    assertThat(preview("name,flap\nFen,stands up,more").status()).isEqualTo(200);
  }

  @Test
  void aNameThatASpreadsheetWouldReckonWithGoesOutQuoted() {
    add("name,flap\r\n=1+1,stands up\r\n");

    String table = owner.get(owner.at("/dogs.csv")).body();

    assertThat(table).contains("\r\n'=1+1,");
    assertThat(add(table).json().get("added").asInt()).isZero();
  }

  @Test
  void aTableAsASpreadsheetSavesItIsRead() {
    assertThat(add("\uFEFFname;breed;weight kg\r\nFen;beagle;12.5\r\n").json().get("added").asInt())
        .isEqualTo(1);
    assertThat(names()).containsExactly("Fen");
  }

  @Test
  void aWeightMayStandInPoundsButNotInBoth() {
    add("name,breed,weight lb\r\nFen,beagle,27.5\r\n");
    assertThat(owner.get(owner.at("/dogs.csv")).body()).contains("Fen,beagle,,,12.474,");
    assertThat(preview("name,breed,weight lb,weight kg\nMoss,beagle,27.5,12.5").body())
        .contains("weight lb", "say one of the two");
  }

  @ParameterizedTest
  @CsvSource({"kg, 121", "kg, NaN", "lb, 300", "lb, -5", "lb, Infinity"})
  void aWeightThatNoDogHasIsRefusedAtItsColumn(String unit, String weight) {
    JsonNode error =
        preview("name,breed,weight %s\nFen,beagle,%s".formatted(unit, weight))
            .json()
            .at("/lines/0/errors/0");
    assertThat(error.get("field").asString()).isEqualTo("weight " + unit);
    assertThat(error.get("message").asString()).contains("120 kg", "264.5 lb");
  }
}
