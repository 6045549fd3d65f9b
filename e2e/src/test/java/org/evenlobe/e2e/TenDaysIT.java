package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * An ear that is cleaned and gets drops twice a day for ten days, carried through by two people and
 * a sitter: cleaned at 19, drops at 20, in every room.
 */
@ExtendWith(RunningDemo.class)
class TenDaysIT extends InSession {
  private static final ZoneId LONDON = ZoneId.of("Europe/London");
  private static final String SEEN = "\"redness\": \"MODERATE\", \"odour\": \"FOUL\"";

  /** The third day; whatever is told at this machine's own clock is past by then. */
  private final LocalDate day = LocalDate.now(LONDON).plusDays(1);

  private static Instant at(LocalDate day, int hour, int minute) {
    return day.atTime(LocalTime.of(hour, minute)).atZone(LONDON).toInstant();
  }

  private static void itIs(Person person, Instant now) {
    person.page().clock().setFixedTime(now.toEpochMilli());
  }

  @Test
  void isCleanedAt19AndGetsItsDropsAt20WhoeverDoesIt() {
    Instant evening = at(day, 18, 50);
    Demo.Server server = RunningDemo.serverAt(evening);
    try (Person wren = withDog(Person.atDesk(server.address()), "");
        Person teal = Person.withPhone(server.address());
        Person ines = Person.withPhone(server.address())) {
      household.check(dog, 1, 1, SEEN);
      household.order(dog, 1, 2);
      household.drops(dog, 1);
      itIs(wren, evening);
      itIs(teal, evening);
      itIs(ines, evening);
      joins(wren, teal);

      everyRoomSaysNineteen(wren);
      String link = handedOverTo(wren, "sitter");
      cleaned(teal);
      waits(wren);

      // the server is put to another hour while their pages stand open
      wren.expectsNoNetwork();
      teal.expectsNoNetwork();
      ines.expectsNoNetwork();
      server.stop();
      Instant dose = at(day, 20, 2);
      server = RunningDemo.serverAt(dose);
      itIs(wren, dose);
      itIs(ines, dose);
      given(ines, link);
      wren.page().navigate("/doses");
      assertThat(wren.region("Today, all dogs")).containsText("Ines");

      itIs(teal, dose);
      looksWorse(teal);
      nothingGoesIn(wren);
      theVetSaysToGoOn(wren);
    } finally {
      server.close();
    }
  }

  private void everyRoomSaysNineteen(Person wren) {
    Page page = wren.page();
    page.navigate("/");
    assertThat(wren.region("What to do now")).containsText("Today, about 19:00");
    page.navigate("/doses");
    assertThat(wren.region("Now: Fen, right ear")).containsText("Clean the right ear first");
    page.navigate("/month");
    assertThat(page.getByLabel(Pattern.compile("Fen: clean right ear.*about 19:00")).first())
        .isVisible();
    assertThat(page.getByLabel(Pattern.compile("Marsh drops, right ear")).first()).isVisible();
    page.navigate("/dogs/" + dog + "/session?ears=RIGHT");
    assertThat(page.getByText("twice a day").first()).isVisible();
    assertThat(wren.button("Begin")).isVisible();
    String today = "DTSTART:" + day.toString().replace("-", "");
    // the calendar gives instants: London's winter hours are those of UTC
    assertThat(household.calendar())
        .containsPattern(today + "T190000Z?\\R")
        .containsPattern(today + "T200000Z?\\R");
  }

  private String handedOverTo(Person wren, String taker) {
    Page page = wren.page();
    page.navigate("/dogs/" + dog + "/hand-over");
    wren.tile("Who takes it", taker);
    wren.button("Make a link for the " + taker).click();
    return page.getByLabel("Its address").inputValue();
  }

  private void cleaned(Person teal) {
    Page page = teal.page();
    page.navigate("/dogs/" + dog + "/clean");
    teal.choose("right ear: 1 trace");
    teal.button("Save").click();
    teal.atPage("Fen");
  }

  private static void waits(Person wren) {
    Page page = wren.page();
    page.navigate("/doses");
    assertThat(wren.region("Now: Fen, right ear")).containsText("Wait until 19:50");
  }

  private static void given(Person ines, String link) {
    Page page = ines.page();
    page.navigate(link);
    page.getByLabel("Your name").fill("Ines");
    ines.button("Gave the medicine").click();
    page.getByLabel("When you gave it").fill("20:00");
    ines.expectAccessible();
    ines.button("Send it").click();
    assertThat(page.getByText("Thank you")).isVisible();
  }

  private void looksWorse(Person teal) {
    Page page = teal.page();
    page.navigate("/");
    teal.button("A light look at the ears of Fen").click();
    teal.button("Worse, or it hurts, or not as usual").click();
    teal.tile("How the right ear does", "worse");
    page.getByText("is not as usual").click();
    teal.button("Save").click();
  }

  private void nothingGoesIn(Person wren) {
    Page page = wren.page();
    page.navigate("/");
    Locator toDo = wren.region("What to do now");
    assertThat(toDo.getByRole(AriaRole.LISTITEM).first()).containsText("Vet");
    page.navigate("/dogs/" + dog + "/session?ears=RIGHT");
    assertThat(wren.button("Begin")).hasCount(0);
    page.navigate("/doses");
    assertThat(page.getByText("Clean the right ear first")).hasCount(0);
  }

  private void theVetSaysToGoOn(Person wren) {
    Page page = wren.page();
    page.navigate("/dogs/" + dog + "/visit");
    page.getByText("It was a call: the vet looked at nothing").click();
    wren.region("right ear").getByText("the vet said to go on as ordered").click();
    wren.expectAccessible();
    wren.button("Save").click();
    page.waitForURL("**/visits?saved");

    // it was worse at the look: what it is like now, a full check says before anything goes in
    page.navigate("/");
    Locator toDo = wren.region("What to do now");
    assertThat(toDo).containsText("Check");
    assertThat(toDo).not().containsText("As Teal saw it");
    assertThat(toDo.getByRole(AriaRole.LISTITEM).first()).not().containsText("call before");
  }
}
