package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;

/** What a person does in a guided session again and again. */
abstract class InSession {
  Household household;
  UUID dog;

  final Person withDog(Person person, String more) {
    person.register(UUID.randomUUID() + "@test.example");
    household = new Household(person);
    dog = household.addDog("Fen", more);
    return person;
  }

  /** Somebody else who cares for that dog. */
  static void joins(Person owner, Person other) {
    String token = SharingIT.invite(owner, "CARER").replaceAll(".*/join/", "");
    other.register(UUID.randomUUID() + "@test.example");
    other.page().navigate("/join/" + token);
    other.button("Join").click();
    other.link("Fen").waitFor();
  }

  /** With the ears looked at today, at the first step of a session for both ears. */
  final Person begun(Person person, String more) {
    withDog(person, more);
    household.checkQuiet(dog);
    person.page().navigate("/dogs/" + dog + "/session");
    person.button("Begin").click();
    atStep(person, "Lay everything out");
    return person;
  }

  static void atStep(Person person, String title) {
    person
        .page()
        .getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(title).setLevel(2))
        .first()
        .waitFor();
  }

  static void goOn(Person person, int steps) {
    for (int i = 0; i < steps; i++) {
      String before = title(person);
      target(person).click();
      // asked from outside: the page's own policy forbids to evaluate text in it
      assertThat(person.page()).not().hasTitle(before);
    }
  }

  static String title(Person person) {
    return person.page().title();
  }

  static Locator target(Person person) {
    return person.page().locator("[aria-keyshortcuts=Space]");
  }

  /** Presses keys one after the other; a step that they leave is left before the next one. */
  static void press(Person person, String... keys) {
    for (String key : keys) {
      String before = title(person);
      person.page().keyboard().press(key);
      if (key.equals("Space") || key.equals("r")) {
        assertThat(person.page()).not().hasTitle(before);
      }
    }
  }
}
