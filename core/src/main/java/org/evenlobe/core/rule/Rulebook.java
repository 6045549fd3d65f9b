package org.evenlobe.core.rule;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Every rule in prose with its numbers, sources, schools and cautions, as people read it.
 *
 * @param sections its parts, in the order in which the work is done
 * @param entries every rule with its title and source
 */
public record Rulebook(List<Section> sections, List<Entry> entries) {
  private static final Pattern RULE_ID = Pattern.compile("\\b[A-Z]+(?:_[A-Z]+)+\\b");

  /**
   * A part of it.
   *
   * @param title its heading
   * @param ownValues whether its numbers are the product's own starting values
   * @param text its paragraphs, lists and tables in Markdown, in which rules stand by their ids
   * @param rules the rules that it tells
   */
  public record Section(String title, boolean ownValues, String text, List<Rule> rules) {
    public Section {
      rules = List.copyOf(rules);
    }
  }

  /**
   * A rule.
   *
   * @param rule its id
   * @param title it in a few words
   * @param source where its numbers come from
   */
  public record Entry(Rule rule, String title, Source source) {}

  public Rulebook {
    sections = List.copyOf(sections);
    entries = List.copyOf(entries);
  }

  /**
   * The one that ships with the product.
   *
   * @throws UncheckedIOException if it cannot be read
   */
  public static Rulebook shipped() {
    try (InputStream file = Rulebook.class.getResourceAsStream("rulebook.md")) {
      return of(new String(file.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Rulebook of(String markdown) {
    List<Section> sections = new ArrayList<>();
    String[] parts = markdown.split("\n## ", -1);
    sections.add(section("Three things hold everywhere\n" + parts[0].replaceFirst("# .*\n", "")));
    for (int i = 1; i < parts.length; i++) {
      sections.add(section(parts[i]));
    }
    return new Rulebook(
        sections,
        Stream.of(Rule.values())
            .map(rule -> new Entry(rule, rule.title(), rule.source()))
            .toList());
  }

  private static Section section(String part) {
    int end = part.indexOf('\n');
    String heading = part.substring(0, end).strip();
    String text = part.substring(end).strip();
    List<String> ids = RULE_ID.matcher(text).results().map(found -> found.group()).toList();
    return new Section(
        heading.replace("†", "").strip(),
        heading.contains("†"),
        text,
        Stream.of(Rule.values()).filter(rule -> ids.contains(rule.name())).toList());
  }
}
