package org.evenlobe.server.archive;

import java.time.Instant;
import java.util.UUID;
import java.util.function.Predicate;
import org.evenlobe.server.problem.InvalidFields;

/**
 * Files of one kind that a household keeps beside its facts: they go out and come in with them. A
 * noun that keeps some adds a bean of this type.
 *
 * @param folder the folder in which they are
 * @param rows selects owner, id, type, title, sent_at and content of those of one household, which
 *     is its one parameter
 * @param take keeps one, where it is not there, and says whether; it throws {@link InvalidFields}
 *     if it is not what it says
 */
public record KeptFiles(String folder, String rows, Predicate<File> take) {

  /**
   * A file, without its content.
   *
   * @param owner what it belongs to
   * @param id its id; the owner's, where that has one only
   * @param type the end of its name
   * @param title what a person calls it; empty if nothing
   * @param sentAt when it was sent
   */
  public record Listed(UUID owner, UUID id, String type, String title, Instant sentAt) {}

  /** A file. */
  @SuppressWarnings("ArrayRecordComponent") // handed on once, never compared
  public record File(Listed listed, byte[] content) {}
}
