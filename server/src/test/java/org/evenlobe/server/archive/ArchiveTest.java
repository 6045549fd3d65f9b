package org.evenlobe.server.archive;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.evenlobe.server.Caller;
import org.evenlobe.server.RunningServer;
import org.evenlobe.server.Samples;
import org.evenlobe.server.StatementCount;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.fact.FactKinds;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A household out as one file, and in again. */
@ExtendWith(RunningServer.class)
class ArchiveTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final String DOCUMENT = "household.json";
  private static final Instant THEN = Instant.parse("2026-01-01T10:00:00Z");

  private static Caller owner;
  private static UUID dog;

  /** Who has a household with all that in it. */
  static Caller everything() {
    fill();
    return owner;
  }

  /** A household in which something was said of every kind that can be said without more ado. */
  @BeforeAll
  static void fill() {
    owner = Caller.newOwner();
    dog = Samples.newDog(owner);
    UUID other = UUID.randomUUID();
    owner.create(owner.at("/dogs/" + other), Samples.dog("Sedge"));
    UUID image = UUID.nameUUIDFromBytes("images".getBytes(StandardCharsets.UTF_8));
    sendPicture("/images/" + image);
    sendPicture("/dogs/" + dog + "/picture");
    for (FactKind<?, ?> kind : RunningServer.bean(FactKinds.class).all()) {
      if (!List.of("dogs", "settings").contains(kind.path())) {
        UUID id = UUID.nameUUIDFromBytes(kind.path().getBytes(StandardCharsets.UTF_8));
        owner.create(owner.at("/%s/%s".formatted(kind.path(), id)), Samples.of(kind.path(), dog));
      }
    }
    UUID visit = UUID.nameUUIDFromBytes("visits".getBytes(StandardCharsets.UTF_8));
    sendPicture("/visits/" + visit + "/documents/" + UUID.randomUUID() + "?name=Letter");
    UUID check = UUID.randomUUID();
    String first = Samples.check(other, THEN, Samples.QUIET_EAR, Samples.QUIET_EAR);
    owner.create(owner.at("/checks/" + check), first);
    owner.correct(
        owner.at("/checks/" + check),
        1,
        Samples.check(other, THEN, Samples.WAXY_EAR, Samples.FOUL_EAR));
    UUID gone = UUID.randomUUID();
    owner.create(owner.at("/checks/" + gone), first);
    owner.delete(owner.at("/checks/" + gone), 1);
    owner.correct(owner.settings(), 1, Samples.settings("The archived house"));
  }

  private static void sendPicture(String path) {
    byte[] picture = picture();
    owner.get("/api/csrf");
    assertThat(
            owner
                .send(
                    owner
                        .request(owner.at(path))
                        .header("Content-Type", "image/jpeg")
                        .PUT(HttpRequest.BodyPublishers.ofByteArray(picture)))
                .status())
        .isEqualTo(204);
  }

  private static byte[] picture() {
    BufferedImage drawn = new BufferedImage(320, 240, BufferedImage.TYPE_INT_RGB);
    for (int x = 0; x < drawn.getWidth(); x++) {
      for (int y = 0; y < drawn.getHeight(); y++) {
        drawn.setRGB(x, y, (x * 7919 + y * 104729) & 0xFFFFFF);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(drawn, "jpeg", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private static Map<String, byte[]> unzipped(byte[] archive) throws IOException {
    Map<String, byte[]> files = new LinkedHashMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        files.put(entry.getName(), zip.readAllBytes());
      }
    }
    return files;
  }

  private static byte[] zipped(Map<String, byte[]> files) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue());
      }
    }
    return out.toByteArray();
  }

  /** Sends it in parts of that many bytes, and takes it in. */
  private static Caller.Answer take(Caller caller, byte[] archive, int part, String how) {
    UUID id = UUID.randomUUID();
    caller.get("/api/csrf");
    int parts = (archive.length + part - 1) / part;
    for (int i = 0; i < parts; i++) {
      byte[] piece =
          Arrays.copyOfRange(archive, i * part, Math.min(archive.length, (i + 1) * part));
      Caller.Answer sent =
          caller.send(
              caller
                  .request(caller.at("/archives/%s/parts/%d".formatted(id, i)))
                  .header("Content-Type", "application/zip")
                  .PUT(HttpRequest.BodyPublishers.ofByteArray(piece)));
      assertThat(sent.status()).isEqualTo(204);
    }
    return caller.post(
        caller.at(how.formatted(id)), "{\"parts\": %d, \"settings\": true}".formatted(parts));
  }

  private static Caller.Answer restore(Caller caller, byte[] archive) {
    return take(caller, archive, 8_000_000, "/archives/%s/restored");
  }

  /** Its facts by kind and id, but for how the household likes things. */
  private static Map<String, JsonNode> facts(byte[] archive) throws IOException {
    Map<String, JsonNode> facts = new TreeMap<>();
    JSON.readTree(unzipped(archive).get(DOCUMENT))
        .get("facts")
        .valueStream()
        .filter(fact -> !fact.get("kind").asString().equals("settings"))
        .forEach(fact -> facts.put(fact.get("kind").asString() + fact.get("id").asString(), fact));
    return facts;
  }

  private static String plan(Caller caller) {
    return caller.get(caller.at("/today")).body().replace(caller.household().toString(), "");
  }

  @Test
  void whatGoesOutComesInWithoutLoss() throws IOException {
    byte[] archive = owner.bytes(owner.at("/archive"));
    Caller other = Caller.newOwner();

    Caller.Answer restored = take(other, archive, 50_000, "/archives/%s/restored");

    assertThat(restored.status()).as(restored.body()).isEqualTo(200);
    byte[] again = other.bytes(other.at("/archive"));
    assertThat(facts(again)).isEqualTo(facts(archive)).hasSizeGreaterThan(20);
    assertThat(plan(other)).isEqualTo(plan(owner)).contains("Sedge");
    assertThat(other.get("/api/me").body()).contains("The archived house");
    Map<String, byte[]> pictures = unzipped(archive);
    pictures.remove(DOCUMENT);
    assertThat(pictures).hasSize(3);
    unzipped(again)
        .forEach(
            (name, content) -> {
              if (!name.equals(DOCUMENT)) {
                assertThat(content).as(name).isEqualTo(pictures.remove(name));
              }
            });
    assertThat(pictures).isEmpty();
  }

  @Test
  void triedFirstItSaysTheSameAndKeepsNothing() throws IOException {
    byte[] archive = owner.bytes(owner.at("/archive"));
    Caller other = Caller.newOwner();

    Caller.Answer tried = take(other, archive, 8_000_000, "/previews/archives/%s");

    assertThat(tried.json().get("dogs").valueStream().map(JsonNode::asString))
        .containsExactlyInAnyOrder("Fen", "Sedge");
    assertThat(facts(other.bytes(other.at("/archive")))).isEmpty();
    assertThat(restore(other, archive).body()).isEqualTo(tried.body());
  }

  @Test
  void whatIsThereAlreadyStaysAsItStands() throws IOException {
    byte[] archive = owner.bytes(owner.at("/archive"));
    Caller other = Caller.newOwner();
    restore(other, archive);
    other.correct(other.at("/dogs/" + dog), 1, Samples.dog("Fennel"));

    JsonNode again = restore(other, archive).json();

    assertThat(again.get("kinds").valueStream())
        .filteredOn(one -> !one.get("kind").asString().equals("settings"))
        .allMatch(one -> one.get("added").asInt() == 0 && one.get("there").asInt() > 0);
    assertThat(again.get("filesAdded").asInt()).isZero();
    assertThat(other.get(other.at("/dogs/" + dog)).body()).contains("Fennel");
  }

  @Test
  void whoSaidItAndWhatWasDeletedComeWithIt() throws IOException {
    Caller other = Caller.newOwner();
    restore(other, owner.bytes(owner.at("/archive")));
    List<JsonNode> facts = List.copyOf(facts(other.bytes(other.at("/archive"))).values());
    JsonNode deleted =
        facts.stream()
            .filter(one -> one.get("versions").size() == 2)
            .filter(one -> !one.get("versions").get(1).has("said"))
            .findFirst()
            .orElseThrow();

    JsonNode versions =
        other.get(other.at("/checks/" + deleted.get("id").asString() + "/versions")).json();

    assertThat(versions.size()).isEqualTo(2);
    assertThat(versions.get(0).get("by").asString()).isEqualTo("Wren");
    assertThat(versions.get(1).get("restorable").asBoolean()).isTrue();
  }

  @Test
  void aPictureWithSomethingWrittenBesideItIsDrawnAnew() throws IOException {
    Map<String, byte[]> files = unzipped(owner.bytes(owner.at("/archive")));
    files.replaceAll((name, bytes) -> name.endsWith(".jpg") ? withPlace(bytes) : bytes);
    Caller other = Caller.newOwner();

    assertThat(restore(other, zipped(files)).status()).isEqualTo(200);

    unzipped(other.bytes(other.at("/archive")))
        .forEach(
            (name, bytes) ->
                assertThat(new String(bytes, StandardCharsets.ISO_8859_1))
                    .as(name)
                    .doesNotContain("54.1 N"));
  }

  /** The same JPEG with a comment after its beginning. */
  private static byte[] withPlace(byte[] jpeg) {
    byte[] place = "54.1 N, 8.9 E".getBytes(StandardCharsets.US_ASCII);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    out.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xFE, 0, (byte) (place.length + 2)});
    out.writeBytes(place);
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  @Test
  void oneDogGoesOutWithWhatItsFactsName() throws IOException {
    byte[] archive = owner.bytes(owner.at("/dogs/" + dog + "/archive"));

    assertThat(facts(archive).keySet())
        .anyMatch(one -> one.startsWith("photos"))
        .noneMatch(one -> one.startsWith("recipes"))
        .filteredOn(one -> one.startsWith("dogs"))
        .containsExactly("dogs" + dog);
    assertThat(unzipped(archive)).hasSize(4);
    Caller other = Caller.newOwner();
    assertThat(restore(other, archive).json().get("dogs").size()).isEqualTo(1);
    assertThat(other.get(other.at("/dogs/" + dog)).status()).isEqualTo(200);
  }

  @Test
  void statementsStayTheSameHoweverMuchThereIs() {
    Caller small = Caller.newOwner();
    Samples.newDog(small);

    assertThat(StatementCount.during(() -> owner.bytes(owner.at("/archive"))))
        .isEqualTo(StatementCount.during(() -> small.bytes(small.at("/archive"))));
  }

  /** An archive with one thing wrong with it. */
  record Wrong(String what, String told, UnaryOperator<Map<String, byte[]>> bend) {
    @Override
    public String toString() {
      return what;
    }

    static Wrong document(String what, String told, UnaryOperator<String> bend) {
      return new Wrong(
          what,
          told,
          files -> {
            String text = new String(files.get(DOCUMENT), StandardCharsets.UTF_8);
            files.put(DOCUMENT, bend.apply(text).getBytes(StandardCharsets.UTF_8));
            return files;
          });
    }

    static Wrong file(String what, String told, String name, byte[] content) {
      return new Wrong(
          what,
          told,
          files -> {
            files.put(name, content);
            return files;
          });
    }
  }

  static Stream<Wrong> wrong() {
    String aFile = "photographs/%1$s/%1$s.jpg".formatted(UUID.randomUUID());
    return Stream.of(
        Wrong.document("a later version", "version 2", text -> text.replace("n\":1,", "n\":2,")),
        Wrong.document(
            "another format", "no archive", text -> text.replace("even-lobe-archive", "zoo")),
        Wrong.document("half a document", "damaged", text -> text.substring(0, 4000)),
        Wrong.document("no head", "must have", text -> text.replace("\"head\"", "\"tail\"")),
        Wrong.document(
            "an unknown kind",
            "none that is known",
            text -> text.replace("\"checks\"", "\"czechs\"")),
        Wrong.document(
            "a wrong word in a record",
            "checks ",
            text -> text.replace("\"odour\":\"FOUL\"", "\"odour\":\"ROSES\"")),
        Wrong.document(
            "a record of the future",
            "must not lie in the future",
            text -> text.replace("2026-01-01T10:00:00Z", "2099-01-01T10:00:00Z")),
        Wrong.document(
            "a record that names none",
            "neither in it nor here",
            text -> text.replaceAll("\"imageId\":\"[^\"]*\"", "\"imageId\":\"" + dog + "\"")),
        Wrong.document(
            "a huge record",
            "more than 1 MB",
            text ->
                text.replaceFirst(
                    "versions\":\\[",
                    "$0" + "{\"at\":\"2026-01-01T10:00:00Z\",\"by\":\"x\"},".repeat(30_000))),
        Wrong.document(
            "a load that nobody can say, in an earlier version",
            "load",
            text -> text.replaceFirst("\"load\":1", "\"load\":99")),
        Wrong.document(
            "a shape of a later version",
            "shape is none that is known here",
            text -> text.replaceFirst("\"by\":\"", "\"shape\":99,$0")),
        Wrong.document(
            "a shape of none",
            "shape is none that is known here",
            text -> text.replaceFirst("\"by\":\"", "\"shape\":0,$0")),
        Wrong.document(
            "a name longer than any",
            "80 characters at most",
            text -> text.replaceFirst("\"by\":\"", "$0" + "x".repeat(81))),
        Wrong.document(
            "a title longer than any",
            "200 characters at most",
            text -> text.replaceFirst("\"title\":\"", "$0" + "x".repeat(201))),
        Wrong.file("a way out", "../../etc/passwd", "../../etc/passwd", new byte[] {1}),
        Wrong.file("a file it does not list", "does not list", aFile, new byte[] {1}),
        new Wrong(
            "no picture",
            "is not the jpeg",
            files -> {
              files.replaceAll((name, bytes) -> name.endsWith(".jpg") ? new byte[9] : bytes);
              return files;
            }),
        new Wrong(
            "a bomb",
            "larger than 15 MB",
            files -> {
              files.replaceAll(
                  (name, bytes) -> name.endsWith(".jpg") ? new byte[40_000_000] : bytes);
              return files;
            }),
        new Wrong(
            "a picture too few",
            "is not in it",
            files -> {
              files.keySet().removeIf(name -> name.startsWith("photographs"));
              return files;
            }));
  }

  @ParameterizedTest
  @MethodSource("wrong")
  void aWrongOneIsRefusedByNameAndNothingOfItIsKept(Wrong wrong) throws IOException {
    Map<String, byte[]> files = unzipped(owner.bytes(owner.at("/archive")));
    Caller other = Caller.newOwner();

    Caller.Answer refused = restore(other, zipped(wrong.bend().apply(files)));

    assertThat(refused.status()).as(refused.body()).isEqualTo(400);
    assertThat(refused.body()).contains(wrong.told());
    assertThat(facts(other.bytes(other.at("/archive")))).isEmpty();
    assertThat(other.get(other.settings() + "/versions").json().size()).isEqualTo(1);
  }

  @Test
  void whatIsNoZipOrHasNotArrivedIsRefused() {
    assertThat(restore(owner, "no zip".getBytes(StandardCharsets.UTF_8)).body())
        .contains("is no zip file");
    assertThat(
            owner
                .post(
                    owner.at("/archives/" + UUID.randomUUID() + "/restored"),
                    "{\"parts\": 2, \"settings\": false}")
                .body())
        .contains("part 1 has not arrived");
  }

  /** Each version's archive stays readable: none of these files is ever changed. */
  @Test
  void anArchiveOfTheFirstVersionIsStillTakenIn() throws IOException {
    Path kept = Path.of("src/test/resources/archives/left-by-1.zip");
    assertThat(sha256(Files.readAllBytes(kept)))
        .isEqualTo("aa157d229e57898a69398bd6890d00d88ec1c57e70e4151a8911c06ed0ba846d");
    Caller other = Caller.newOwner();

    Caller.Answer restored = restore(other, Files.readAllBytes(kept));

    assertThat(restored.status()).as(restored.body()).isEqualTo(200);
    assertThat(facts(other.bytes(other.at("/archive"))))
        .isEqualTo(facts(Files.readAllBytes(kept)))
        .hasSizeGreaterThan(20);
  }

  private static String sha256(byte[] file) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(file));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
