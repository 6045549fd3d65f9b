package org.evenlobe.core.rule;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * One step of an answer: the rule that spoke, the numbers that went in or came out, and the
 * sentence made from them. The screen, the printed page and the log all show this sentence.
 *
 * @param rule the rule that spoke
 * @param title the rule in a few words
 * @param numbers the numbers by name, in the order of the sentence
 * @param sentence plain words with the numbers in them
 */
public record Reason(Rule rule, String title, Map<String, Double> numbers, String sentence) {

  public Reason {
    numbers =
        numbers.isEmpty() ? Map.of() : Collections.unmodifiableMap(new LinkedHashMap<>(numbers));
  }

  /** A reason without numbers. */
  public static Reason of(Rule rule, String sentence) {
    return new Reason(rule, rule.title(), Map.of(), sentence);
  }

  /** This reason with one more number. */
  public Reason with(String name, double number) {
    Map<String, Double> more = new LinkedHashMap<>(numbers);
    more.put(name, number);
    return new Reason(rule, title, more, sentence);
  }
}
