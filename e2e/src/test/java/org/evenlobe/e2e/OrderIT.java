package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A vet's order, "twice a day for ten days, in the right ear", carried out to its end. */
@ExtendWith(RunningDemo.class)
class OrderIT extends InSession {
  private static final int DAYS = 10;
  private static final int MOST_STEPS = 30;
  private static final String SEEN = "\"redness\": \"MODERATE\", \"odour\": \"FOUL\"";
  private static final String BETTER = "\"redness\": \"MILD\", \"odour\": \"SWEET\"";
  private static final String WORSE = "\"redness\": \"MODERATE\", \"pain\": \"MODERATE\"";

  @Test
  void opensAHeldEarAndIsDoneByTheGuidedSession() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.navigate("/dogs/" + dog + "/check");
      wren.tile("Odour, right ear", "foul odour");
      wren.button("Looked and sniffed: right ear").click();
      wren.button("Looked and sniffed: left ear").click();
      wren.button("Save").click();
      wren.atPage("Fen: what the check says");
      page.navigate("/dogs/" + dog + "/visit");
      Locator right = wren.region("right ear");
      right.getByText("clean it …").click();
      assertThat(right.getByText("This order opens the right ear again")).isVisible();
      assertThat(right.getByLabel("Times a day")).hasValue("2");
      right.getByLabel("Times a day").fill("25");
      wren.button("Save").click();
      assertThat(right.getByText("From 1 to 24.")).isVisible();
      right.getByLabel("Times a day").fill("2");
      wren.expectAccessible();
      wren.button("Save").click();
      page.getByText("clean twice a day").waitFor();

      page.navigate("/");
      assertThat(page.getByText("as ordered")).isVisible();
      assertThat(wren.region("What to do now")).containsText("Today, about 08:00");
      assertThat(wren.region("What to do now")).not().containsText("Vet, right ear");
      page.navigate("/dogs/" + dog + "/session?ears=RIGHT");
      wren.button("Begin").click();
      atStep(wren, "Lay everything out");
      for (int step = 0; step < MOST_STEPS && wren.button("Save").count() == 0; step++) {
        // a load where it is asked for, and how the dog took it
        press(wren, "2", "Space");
      }
      wren.button("Save").click();
      page.getByText("Learned for next time").waitFor();

      page.navigate("/");
      assertThat(wren.region("What to do now")).containsText("Today, about 20:00");
      assertThat(wren.region("What to do now")).not().containsText("08:00");
      page.navigate("/dogs/" + dog + "?tab=checks");
      assertThat(page.getByText("Since then a vet has spoken")).isVisible();
      assertThat(page.getByText("What to tell the vet")).isHidden();
    }
  }

  @Test
  void whatAWipeShowsStopsThePouring() {
    try (Person wren = begun(Person.withPhone(), "")) {
      Page page = wren.page();
      for (int step = 0; step < MOST_STEPS && !title(wren).contains("Wipe"); step++) {
        goOn(wren, 1);
      }
      assertThat(page.locator("[aria-keyshortcuts=r]")).isVisible();
      wren.button("green").click();
      assertThat(page.getByText("Stop: no more liquid into the right ear.")).isVisible();
      assertThat(page.locator("[aria-keyshortcuts=r]")).isHidden();
      wren.expectAccessible();
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void saysOneThingOnEachOfItsDays(int number) {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      carriedOut(number);
      page.navigate("/");
      Locator toDo = wren.region("What to do now");
      assertThat(toDo).containsText("Today, about 08:00");
      assertThat(toDo).containsText("Today, about 20:00");
      assertThat(toDo.getByText((number - 1) % 3 == 0 ? "Check" : "Better or worse?").first())
          .isVisible();
      assertThat(page.getByText("as ordered")).isVisible();

      assertThat(orderedInCalendar()).isEqualTo(2 * (DAYS - number + 1));
      page.navigate("/dogs/" + dog);
      assertThat(wren.region("right ear")).containsText("the vet said: clean twice a day");
      assertThat(wren.link("Clean right ear")).isVisible();
      page.navigate("/dogs/" + dog + "/session?ears=RIGHT");
      assertThat(wren.button("Begin")).isVisible();
    }
  }

  @Test
  void isStoppedWhereItIsWorseOnTheFourthDay() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      carriedOut(4);
      household.check(dog, 0, 6, WORSE);
      page.navigate("/");
      Locator toDo = wren.region("What to do now");
      assertThat(toDo.getByRole(AriaRole.LISTITEM).first()).containsText("Vet, right ear");
      assertThat(toDo).not().containsText("about 08:00");
      assertThat(orderedInCalendar()).isZero();
      page.navigate("/dogs/" + dog + "?tab=checks");
      assertThat(wren.region("What the check says"))
          .containsText("Worse than when the vet saw it: call before you go on.");
      assertThat(wren.button("Clean right ear")).hasAttribute("aria-disabled", "true");
    }
  }

  @Test
  void aLightLookThatSaysWorseAsksForAFullCheck() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      carriedOut(3);
      page.navigate("/");
      wren.button("A light look at the ears of Fen").click();
      wren.expectAccessible();
      wren.button("Worse, or it hurts, or not as usual").click();
      wren.tile("How the right ear does", "worse");
      assertThat(page.getByText("Then a full check comes next.")).isVisible();
      wren.expectAccessible();
      wren.button("Save").click();

      Locator toDo = wren.region("What to do now");
      assertThat(toDo).containsText("A full check is wanted first");
      assertThat(toDo).not().containsText("about 08:00");
      assertThat(page.getByText("look first").first()).isVisible();
    }
  }

  @Test
  void aLightLookIsTwoTaps() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      carriedOut(3);
      page.navigate("/");
      wren.button("A light look at the ears of Fen").click();
      wren.button("Better").click();

      page.getByText("Noted: a light look at Fen.").waitFor();
      assertThat(wren.button("A light look at the ears of Fen")).isHidden();
      assertThat(wren.region("What to do now")).containsText("Today, about 08:00");
    }
  }

  @Test
  void aLightLookWithoutAConnectionIsKeptAndSentOnce() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      carriedOut(3);
      page.navigate("/");
      wren.button("A light look at the ears of Fen").click();
      wren.expectsNoNetwork();
      page.context().setOffline(true);
      wren.button("The same").click();

      page.getByText("Noted: a light look at Fen.").waitFor();
      assertThat(page.getByText("Fen: recorded on this device")).isVisible();
      page.context().setOffline(false);
      assertThat(page.getByText("Fen: recorded on this device")).isHidden();
      assertThat(wren.button("A light look at the ears of Fen")).isHidden();
    }
  }

  /** All that was done up to the morning of one of its days. */
  private void carriedOut(int number) {
    household.check(dog, number, 1, SEEN);
    household.order(dog, number - 1, 2);
    for (int day = 1; day < number; day++) {
      int daysAgo = number - day;
      if ((day - 1) % 3 == 0) {
        household.check(dog, daysAgo, 3, BETTER);
      } else {
        household.look(dog, daysAgo, 3);
      }
      household.cleanRight(dog, daysAgo, 4);
      household.cleanRight(dog, daysAgo, 5);
    }
  }

  /** What is ordered has an hour; the cleanings of the household's own rhythm have none. */
  private int orderedInCalendar() {
    return (int)
        Stream.of(household.calendar().split("BEGIN:VEVENT", -1))
            .filter(event -> event.contains("SUMMARY:Fen: clean right ear"))
            .filter(event -> Pattern.compile("DTSTART:\\d{8}T").matcher(event).find())
            .count();
  }
}
