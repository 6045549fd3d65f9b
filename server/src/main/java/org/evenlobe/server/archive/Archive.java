package org.evenlobe.server.archive;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;

/** What an archive is made of: one document of facts, and beside it the files, folder by folder. */
final class Archive {
  /** The name of the document. */
  static final String DOCUMENT = "household.json";

  static final String FORMAT = "even-lobe-archive";

  /** The one version that there is; it is raised where an older reader would go wrong. */
  static final int VERSION = 1;

  /** Facts of dogs are of dogs: these stand first. */
  static final String FIRST_KIND = "dogs";

  static final String SETTINGS = "settings";

  private static final String ID = "[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}";

  /** How a file is named: its folder, what it belongs to, and its own id and type. */
  static final Pattern FILE =
      Pattern.compile("([a-z]{1,20})/(%1$s)/(%1$s)\\.([a-z]{3,4})".formatted(ID));

  private Archive() {}

  /**
   * The head of the document.
   *
   * @param format what kind of file it is
   * @param version its version
   * @param madeAt when it was made
   * @param household the id of the household that it came from
   * @param name what that is called
   * @param facts how many facts it holds
   */
  record Head(String format, int version, Instant madeAt, UUID household, String name, int facts) {}

  /**
   * A file beside the document.
   *
   * @param path its name in the archive
   * @param title what a person calls it; empty if nothing
   * @param sentAt when it was sent
   */
  record FileEntry(String path, String title, Instant sentAt) {
    static FileEntry of(String folder, KeptFiles.Listed one) {
      return new FileEntry(
          "%s/%s/%s.%s".formatted(folder, one.owner(), one.id(), one.type()),
          one.title(),
          one.sentAt());
    }
  }

  /**
   * The tail of the document.
   *
   * @param files the files beside it
   */
  record Tail(List<FileEntry> files) {}
}
