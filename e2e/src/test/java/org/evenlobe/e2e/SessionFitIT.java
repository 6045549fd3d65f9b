package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Every step of every session fits a phone's screen, and is there for everybody. */
@ExtendWith(RunningDemo.class)
class SessionFitIT extends InSession {
  /** More steps than any session has. */
  private static final int MOST_STEPS = 60;

  /** How a session is led, with everything that makes its steps long. */
  enum Led {
    FILL,
    SOAKED_PAD,
    SYRINGE,
    WIPE;

    String said() {
      return """
      "ways": {"method": "%s", "swabs": "FOLDS_ONLY", "hair": "PLUCK"},
      "handling": {"bites": true, "rung": "FULL_SESSION"}"""
          .formatted(name());
    }
  }

  @ParameterizedTest
  @EnumSource(Led.class)
  void noStepOfAnyMethodNeedsScrollingOnAPhone(Led led) {
    try (Person wren = withDog(Person.withPhone(), led.said())) {
      for (String bottle : List.of("Green", "Blue", "A bottle with a rather long name", "Old")) {
        household.addBottle(bottle);
      }
      household.checkQuiet(dog);
      wren.page().navigate("/dogs/" + dog + "/session");
      wren.page().getByText("alone", exactly()).click();
      wren.button("Begin").click();
      Set<String> seen = walk(wren);
      int rounds =
          switch (led) {
            case FILL, SOAKED_PAD -> 3;
            case SYRINGE -> 5;
            case WIPE -> 0;
          };
      // kit, position, check, dry, taken; each ear: hair, folds, load, a wipe or rounds of four
      assertThat(seen).hasSize(5 + 2 * (3 + Math.max(1, 4 * rounds)));
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"HOLD_UP", "WET_PAD"})
  void noStepOfAPracticeNeedsScrollingOnAPhone(String rung) {
    String handling = "\"handling\": {\"bites\": false, \"rung\": \"%s\"}".formatted(rung);
    try (Person wren = withDog(Person.withPhone(), handling)) {
      wren.page().navigate("/dogs/" + dog + "/practice");
      wren.button("Begin").click();
      // treats, three goes with two pauses, how it took it
      assertThat(walk(wren)).hasSize(7);
      wren.button("Save").click();
      assertThat(wren.page().getByText("Recorded.")).isVisible();
    }
  }

  /** Goes through all steps by every further round, and looks at each; ends at the summary. */
  private static Set<String> walk(Person person) {
    Page page = person.page();
    Set<String> seen = new HashSet<>();
    Locator again = person.button("Still dirty: another round");
    for (int step = 0; step < MOST_STEPS && target(person).count() > 0; step++) {
      seen.add(step + " " + title(person));
      expectNothingOutOfSight(person);
      if (target(person).getAttribute("aria-disabled").equals("true")) {
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("calm"))
            .or(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("2 light")))
            .first()
            .check();
        expectNothingOutOfSight(person);
      }
      String before = title(person);
      (again.count() > 0 ? again : target(person)).click();
      assertThat(page).not().hasTitle(before);
    }
    person.button("Save").waitFor();
    return seen;
  }

  private static void expectNothingOutOfSight(Person person) {
    Object hidden =
        person
            .page()
            .evaluate(
                """
                () => {
                  const body = document.querySelector('[data-session-body]');
                  const out = [...document.querySelectorAll('main *')].filter((one) => {
                    const box = one.getBoundingClientRect();
                    return box.width > 1 && box.height > 1 && !one.closest('input') &&
                      (box.bottom > innerHeight + 1 || box.right > innerWidth + 1 || box.top < -1);
                  });
                  const foot = body.nextElementSibling.getBoundingClientRect().top;
                  const words = [...body.querySelectorAll('h2, p, button, svg, label')].filter(
                    (one) => one.getBoundingClientRect().bottom > foot + 1);
                  return [
                    body.scrollHeight - body.clientHeight,
                    document.documentElement.scrollHeight - innerHeight,
                    out.length,
                    words.length,
                  ].join(' ');
                }""");
    assertThat(hidden).as(title(person)).isEqualTo("0 0 0 0");
  }

  @Test
  void itsStepsItsSummaryAndTheStockAreAccessible() {
    try (Person wren = begun(Person.withPhone(), "")) {
      for (int i = 0; i < 9; i++) {
        wren.expectAccessible();
        goOn(wren, 1);
        if (target(wren).getAttribute("aria-disabled").equals("true")) {
          wren.page().keyboard().press("2");
        }
      }
      wren.button("Stop").click();
      wren.expectAccessible();
      wren.button("Record as far as it got").click();
      wren.tile("How it took it", "calm");
      wren.expectAccessible();
      wren.button("Save").click();
      wren.page().getByText("Learned for next time").waitFor();
      wren.expectAccessible();
      household.addBottle("The green bottle");
      wren.page().navigate("/stock");
      wren.page().getByText("The green bottle").first().waitFor();
      wren.expectAccessible();
    }
  }

  private static Page.GetByTextOptions exactly() {
    return new Page.GetByTextOptions().setExact(true);
  }
}
