package org.evenlobe.core.remind;

import java.time.Instant;
import java.util.List;

/**
 * One thing that a person is reminded of.
 *
 * @param key what it is of: the same is sent once
 * @param at when it is due to be sent
 * @param subject what it is about, in one line
 * @param lines what it says
 */
public record Reminder(String key, Instant at, String subject, List<String> lines) {

  public Reminder {
    lines = List.copyOf(lines);
  }
}
