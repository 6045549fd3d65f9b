package org.evenlobe.server.account;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What a browser says of itself, in words that its owner knows it by. */
final class DeviceWords {
  /** In this order: many name those that they resemble as well. */
  private static final List<Map.Entry<String, String>> BROWSERS =
      List.of(
          Map.entry("Edg", "Edge"),
          Map.entry("OPR/", "Opera"),
          Map.entry("Firefox/", "Firefox"),
          Map.entry("Chrome/", "Chrome"),
          Map.entry("Safari/", "Safari"));

  private static final List<Map.Entry<String, String>> SYSTEMS =
      List.of(
          Map.entry("iPhone", "an iPhone"),
          Map.entry("iPad", "an iPad"),
          Map.entry("Android", "an Android device"),
          Map.entry("Windows", "Windows"),
          Map.entry("Mac OS X", "a Mac"),
          Map.entry("CrOS", "a Chromebook"),
          Map.entry("Linux", "Linux"));

  private DeviceWords() {}

  static String of(@Nullable String userAgent) {
    String said = userAgent == null ? "" : userAgent;
    return first(BROWSERS, said, "A program") + " on " + first(SYSTEMS, said, "some device");
  }

  private static String first(
      List<Map.Entry<String, String>> words, String said, String otherwise) {
    return words.stream()
        .filter(one -> said.contains(one.getKey()))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(otherwise);
  }
}
