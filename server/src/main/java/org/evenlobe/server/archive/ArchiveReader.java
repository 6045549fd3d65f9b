package org.evenlobe.server.archive;

import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import org.evenlobe.server.fact.FactHistory;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads an archive from its first byte to its last, however large it is, with little of it in
 * memory. Nothing is unpacked to a disk, and nothing is read of a name that is not one of its own.
 */
final class ArchiveReader {
  /** So many facts are handed on at once. */
  private static final int AT_ONCE = 200;

  /** So many bytes of facts are handed on at once, however few they are. */
  private static final long AT_ONCE_BYTES = 4_000_000;

  private static final int LONGEST_TITLE = 200;
  private static final int LONGEST_NAME = 80;

  /** Of all names and titles of files together, in characters. */
  private static final long MOST_LISTED = 4_000_000;

  private static final long MOST_OF_A_FACT = 1_000_000;
  private static final int MOST_OF_A_FILE = 15_000_000;
  private static final long MOST_OF_ALL_FILES = 4_000_000_000L;
  private static final int MOST_FILES = 50_000;
  private static final int SHOWN_OF_A_NAME = 60;
  private static final JsonFactory LONG_DOCUMENTS =
      JsonFactory.builder()
          .streamReadConstraints(
              StreamReadConstraints.builder()
                  .maxNestingDepth(24)
                  .maxStringLength(250_000)
                  .maxNameLength(100)
                  .maxNumberLength(40)
                  .build())
          .disable(StreamReadFeature.AUTO_CLOSE_SOURCE)
          .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
          .build();

  private final JsonMapper json;

  ArchiveReader(JsonMapper json) {
    this.json = json;
  }

  /** Who is handed what is in it, in this order. */
  interface Taker {
    void head(Archive.Head head);

    /** Some of one kind. */
    void facts(List<FactHistory> facts);

    void file(String folder, KeptFiles.File file);
  }

  /**
   * Reads one.
   *
   * @throws InvalidFields if it is none, of another version, damaged, or larger than it may be
   */
  void read(InputStream in, Taker taker) {
    try (ZipInputStream zip = new ZipInputStream(in)) {
      ZipEntry first = zip.getNextEntry();
      if (first == null) {
        throw wrong("is no zip file");
      }
      if (!first.getName().equals(Archive.DOCUMENT)) {
        throw wrong("must begin with " + Archive.DOCUMENT + ", not with " + shown(first));
      }
      files(zip, document(zip, taker), taker);
    } catch (JacksonException damaged) {
      throw wrong(Archive.DOCUMENT + " is damaged: " + damaged.getOriginalMessage());
    } catch (ZipException | EOFException damaged) {
      throw wrong("is damaged, or ends before its end");
    } catch (IOException | IllegalArgumentException unreadable) {
      throw wrong("cannot be read");
    }
  }

  private List<Archive.FileEntry> document(InputStream in, Taker taker) {
    BoundedInput bounded = new BoundedInput(in, "holds a record of more than 1 MB");
    bounded.allow(MOST_OF_A_FACT);
    try (JsonParser parser = LONG_DOCUMENTS.createParser(ObjectReadContext.empty(), bounded)) {
      expect(parser.nextToken(), JsonToken.START_OBJECT);
      property(parser, "head");
      Archive.Head head = value(parser, Archive.Head.class);
      check(head);
      taker.head(head);
      property(parser, "facts");
      expect(parser.currentToken(), JsonToken.START_ARRAY);
      facts(parser, bounded, taker);
      property(parser, "files");
      expect(parser.currentToken(), JsonToken.START_ARRAY);
      List<Archive.FileEntry> files = listed(parser, bounded);
      expect(parser.nextToken(), JsonToken.END_OBJECT);
      return files;
    }
  }

  private static void check(Archive.Head head) {
    if (!Archive.FORMAT.equals(head.format())) {
      throw wrong("is no archive of this kind");
    }
    if (head.version() != Archive.VERSION) {
      throw wrong(
          "is of version %d; this house reads version %d"
              .formatted(head.version(), Archive.VERSION));
    }
    if (head.household() == null || head.name() == null || head.madeAt() == null) {
      throw wrong("does not say where it came from");
    }
  }

  private void facts(JsonParser parser, BoundedInput bounded, Taker taker) {
    List<FactHistory> facts = new ArrayList<>();
    long handedOn = 0;
    while (parser.nextToken() != JsonToken.END_ARRAY) {
      bounded.allow(MOST_OF_A_FACT);
      FactHistory fact = value(parser, FactHistory.class);
      if (fact.kind() == null
          || fact.id() == null
          || fact.versions() == null
          || fact.versions().stream()
              .anyMatch(one -> one == null || one.at() == null || one.by().isEmpty())) {
        throw wrong("record %s is not complete".formatted(fact.id()));
      }
      if (fact.versions().stream()
          .flatMap(one -> one.by().stream())
          .anyMatch(ArchiveReader::tooLong)) {
        throw wrong("record %s: \"by\" must be 80 characters at most".formatted(fact.id()));
      }
      boolean next = !facts.isEmpty() && !facts.get(0).kind().equals(fact.kind());
      if (next || facts.size() == AT_ONCE || bounded.passed() - handedOn > AT_ONCE_BYTES) {
        taker.facts(List.copyOf(facts));
        facts.clear();
        handedOn = bounded.passed();
      }
      facts.add(fact);
    }
    taker.facts(List.copyOf(facts));
  }

  private List<Archive.FileEntry> listed(JsonParser parser, BoundedInput bounded) {
    List<Archive.FileEntry> files = new ArrayList<>();
    long listed = 0;
    while (parser.nextToken() != JsonToken.END_ARRAY) {
      bounded.allow(MOST_OF_A_FACT);
      Archive.FileEntry file = value(parser, Archive.FileEntry.class);
      if (file.path() == null || file.title() == null || file.sentAt() == null) {
        throw wrong("a file is not told in full");
      }
      if (file.title().length() > LONGEST_TITLE || file.path().length() > LONGEST_TITLE) {
        throw wrong("a file's name and title must be 200 characters at most each");
      }
      listed += file.title().length() + file.path().length();
      if (listed > MOST_LISTED) {
        throw wrong("lists more of names and titles than is read");
      }
      files.add(file);
      if (files.size() > MOST_FILES) {
        throw wrong("holds more than 50 000 files");
      }
    }
    return files;
  }

  private static boolean tooLong(String name) {
    return name.length() > LONGEST_NAME;
  }

  private <T> T value(JsonParser parser, Class<T> type) {
    if (parser.currentToken() != JsonToken.START_OBJECT) {
      throw wrong(Archive.DOCUMENT + " is not laid out as its schema says");
    }
    return json.readerFor(type)
        .without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
        .readValue(parser);
  }

  private static void property(JsonParser parser, String name) {
    expect(parser.nextToken(), JsonToken.PROPERTY_NAME);
    if (!name.equals(parser.currentName())) {
      throw wrong(
          "%s must have \"%s\" before \"%s\""
              .formatted(Archive.DOCUMENT, name, parser.currentName()));
    }
    parser.nextToken();
  }

  private static void expect(JsonToken token, JsonToken expected) {
    if (token != expected) {
      throw wrong(Archive.DOCUMENT + " is not laid out as its schema says");
    }
  }

  private static void files(ZipInputStream zip, List<Archive.FileEntry> listed, Taker taker)
      throws IOException {
    Map<String, Archive.FileEntry> awaited = new HashMap<>();
    listed.forEach(one -> awaited.put(one.path(), one));
    long left = MOST_OF_ALL_FILES;
    for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
      Archive.FileEntry told = awaited.remove(entry.getName());
      Matcher name = Archive.FILE.matcher(entry.getName());
      if (told == null || !name.matches()) {
        throw wrong("holds a file that it does not list: " + shown(entry));
      }
      BoundedInput bounded = new BoundedInput(zip, shown(entry) + " is larger than 15 MB");
      bounded.allow(Math.min(MOST_OF_A_FILE, left));
      byte[] content = bounded.readAllBytes();
      left -= content.length;
      taker.file(
          name.group(1),
          new KeptFiles.File(
              new KeptFiles.Listed(
                  java.util.UUID.fromString(name.group(2)),
                  java.util.UUID.fromString(name.group(3)),
                  name.group(4),
                  told.title(),
                  told.sentAt()),
              content));
    }
    awaited.keySet().stream()
        .findFirst()
        .ifPresent(
            missing -> {
              throw wrong("ends before its end: " + missing + " is not in it");
            });
  }

  private static String shown(ZipEntry entry) {
    String clean = entry.getName().replaceAll("[^\\x20-\\x7e]", "?");
    return clean.length() <= SHOWN_OF_A_NAME ? clean : clean.substring(0, SHOWN_OF_A_NAME) + "...";
  }

  private static Refusal wrong(String message) {
    return InvalidFields.of("archive", message);
  }
}
