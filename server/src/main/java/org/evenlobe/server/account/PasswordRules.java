package org.evenlobe.server.account;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import me.gosimple.nbvcxz.Nbvcxz;
import me.gosimple.nbvcxz.resources.Configuration;
import me.gosimple.nbvcxz.resources.ConfigurationBuilder;
import me.gosimple.nbvcxz.resources.Dictionary;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.stereotype.Component;

/**
 * What may be a password: long, none of the commonest nor made of them and of patterns alone, and
 * no part of the address that it opens.
 */
@Component
class PasswordRules {
  static final int SHORTEST = 12;
  static final int LONGEST = 200;

  /** Below so many bits somebody who guesses has it within hours. */
  private static final double FEWEST_BITS = 24;

  /** What is longer is not guessed by its patterns; to look for them would take too long. */
  private static final int LONGEST_LOOKED_AT = 40;

  private static final int SHORTEST_PART = 4;
  private static final Pattern BETWEEN_PARTS = Pattern.compile("[^\\p{L}\\p{N}]+");

  /**
   * Refuses what may not be a password.
   *
   * @param field where it was typed
   * @param password what was typed
   * @param email the address that it would open
   * @throws InvalidFields if it may not be one
   */
  void require(String field, String password, String email) {
    if (password.length() < SHORTEST || password.length() > LONGEST) {
      throw InvalidFields.of(field, "must have " + SHORTEST + " to " + LONGEST + " characters");
    }
    if (holdsPartOf(email, password)) {
      throw InvalidFields.of(field, "must hold no part of your e-mail address");
    }
    if (password.length() <= LONGEST_LOOKED_AT && bits(password) < FEWEST_BITS) {
      throw InvalidFields.of(
          field,
          "is one of the first that somebody would guess: take some words that go badly together");
    }
  }

  private static boolean holdsPartOf(String email, String password) {
    String typed = password.toLowerCase(Locale.ROOT);
    String local = email.strip().toLowerCase(Locale.ROOT).split("@", 2)[0];
    return Stream.concat(Stream.of(local), BETWEEN_PARTS.splitAsStream(local))
        .filter(part -> part.length() >= SHORTEST_PART)
        .anyMatch(typed::contains);
  }

  private static double bits(String password) {
    return Guesser.INSTANCE.estimate(password).getEntropy();
  }

  /** Read when it is first asked: a server that nobody registers at needs no dictionaries. */
  private static final class Guesser {
    private static final Set<String> WORDS = Set.of("passwords", "english");

    private static final Nbvcxz INSTANCE = new Nbvcxz(configuration());

    private static Configuration configuration() {
      List<Dictionary> words =
          ConfigurationBuilder.getDefaultDictionaries().stream()
              .filter(one -> WORDS.contains(one.getDictionaryName()))
              .toList();
      return new ConfigurationBuilder()
          .setLocale(Locale.ENGLISH)
          .setDictionaries(words)
          .createConfiguration();
    }
  }
}
