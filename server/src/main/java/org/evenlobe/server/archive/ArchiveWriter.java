package org.evenlobe.server.archive;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.account.HouseholdSettings;
import org.evenlobe.server.fact.FactHistories;
import org.evenlobe.server.fact.FactHistory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.json.JsonMapper;

/** Writes a household, or one dog of it, as an archive, as it stands at one instant. */
@Service
class ArchiveWriter {
  private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}");

  private final FactHistories facts;
  private final ArchivedFiles files;
  private final HouseholdSettings settings;
  private final HouseholdDay day;
  private final JsonMapper json;

  ArchiveWriter(
      FactHistories facts,
      ArchivedFiles files,
      HouseholdSettings settings,
      HouseholdDay day,
      JsonMapper json) {
    this.facts = facts;
    this.files = files;
    this.settings = settings;
    this.day = day;
    this.json = json;
  }

  /** Whether there is such a dog. */
  @Transactional(readOnly = true)
  public boolean hasDog(UUID dog) {
    return facts.isKnown(Archive.FIRST_KIND, dog);
  }

  /** Writes the whole household. */
  @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
  public void all(OutputStream out) {
    write(out, facts.count(), history -> true, Optional.empty());
  }

  /** Writes a dog, what is said of it, and the bottles and recipes that its facts name. */
  @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
  public void one(UUID dog, OutputStream out) {
    Chosen chosen = chosen(dog);
    write(
        out,
        chosen.facts().size(),
        history -> chosen.facts().contains(history.id()),
        Optional.of(chosen.owners()));
  }

  private void write(
      OutputStream out, int count, Predicate<FactHistory> chosen, Optional<Set<UUID>> owners) {
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry(Archive.DOCUMENT));
      document(zip, count, chosen, owners);
      zip.closeEntry();
      zip.setLevel(Deflater.BEST_SPEED);
      files.each(owners, (path, content) -> put(zip, path, content));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void put(ZipOutputStream zip, String path, byte[] content) {
    try {
      zip.putNextEntry(new ZipEntry(path));
      zip.write(content);
      zip.closeEntry();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void document(
      OutputStream out, int count, Predicate<FactHistory> chosen, Optional<Set<UUID>> owners) {
    try (JsonGenerator writer =
        json.writer().without(StreamWriteFeature.AUTO_CLOSE_TARGET).createGenerator(out)) {
      writer.writeStartObject();
      writer.writePOJOProperty(
          "head",
          new Archive.Head(
              Archive.FORMAT,
              Archive.VERSION,
              day.now(),
              CurrentMember.household(),
              settings.get().name(),
              count));
      writer.writeArrayPropertyStart("facts");
      facts.each(
          Archive.FIRST_KIND,
          history -> {
            if (chosen.test(history)) {
              writer.writePOJO(history);
            }
          });
      writer.writeEndArray();
      writer.writePOJOProperty("files", files.list(owners));
      writer.writeEndObject();
    }
  }

  /**
   * What goes out with one dog.
   *
   * @param facts its facts, and those that they name
   * @param named all that these name, pictures among it
   */
  private record Chosen(Set<UUID> facts, Set<UUID> named) {
    Set<UUID> owners() {
      Set<UUID> owners = new HashSet<>(facts);
      owners.addAll(named);
      return owners;
    }
  }

  /** The dog, what was said last of it, and what these name, and what that names in its turn. */
  private Chosen chosen(UUID dog) {
    Set<UUID> chosen = new HashSet<>();
    Set<UUID> named = new HashSet<>();
    List<FactHistory> others = new ArrayList<>();
    facts.each(
        Archive.FIRST_KIND,
        history -> {
          Optional<String> of = history.lastSaid().map(said -> said.path("dogId").asString(""));
          if (history.id().equals(dog) || of.equals(Optional.of(dog.toString()))) {
            chosen.add(history.id());
            named.addAll(ids(history));
          } else if (of.equals(Optional.of("")) && !isHousehold(history)) {
            others.add(history);
          }
        });
    boolean more = true;
    while (more) {
      List<FactHistory> found = others.stream().filter(one -> named.contains(one.id())).toList();
      others.removeAll(found);
      found.forEach(
          one -> {
            chosen.add(one.id());
            named.addAll(ids(one));
          });
      more = !found.isEmpty();
    }
    return new Chosen(chosen, named);
  }

  /** Other dogs, and how the household likes things, stay there. */
  private static boolean isHousehold(FactHistory history) {
    return history.kind().equals(Archive.FIRST_KIND) || history.kind().equals(Archive.SETTINGS);
  }

  private static Set<UUID> ids(FactHistory history) {
    Set<UUID> ids = new HashSet<>();
    history
        .versions()
        .forEach(
            told ->
                told.said()
                    .ifPresent(
                        said -> {
                          Matcher found = ID.matcher(said.toString());
                          while (found.find()) {
                            ids.add(UUID.fromString(found.group()));
                          }
                        }));
    return ids;
  }
}
