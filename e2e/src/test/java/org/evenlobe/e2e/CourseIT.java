package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A course from its label to its doses, by one person and by two. */
@ExtendWith(RunningDemo.class)
class CourseIT extends InSession {
  private static final ZoneId LONDON = ZoneId.of("Europe/London");
  private static final String NOW = "Now: Fen, right ear";

  private static void join(Person owner, Person other) {
    String token = SharingIT.invite(owner, "CARER").replaceAll(".*/join/", "");
    other.register(UUID.randomUUID() + "@test.example");
    other.page().navigate("/join/" + token);
    other.button("Join").click();
    other.link("Fen").waitFor();
  }

  private static void give(Person person) {
    person.button("Given: Fen, right ear").click();
  }

  @Test
  void aCourseIsWrittenDownByTheWordsOfItsLabel() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      LocalTime due = LocalTime.now(LONDON).withSecond(0).withNano(0);
      page.navigate("/dogs/" + dog);
      wren.link("Courses").click();
      wren.link("Write down a course").click();
      page.getByLabel("As it stands on the label")
          .fill("8 gtt AD bid for 7 days, then once a day for 7 days if it itches");
      wren.button("Understand it").click();
      assertThat(page.getByText("right ear (the dog's own right)")).isVisible();
      assertThat(page.getByText("Not understood: “if it itches”")).isVisible();
      wren.expectAccessible();
      page.getByLabel("What it is called").fill("Marsh drops");
      page.getByLabel("At", new Page.GetByLabelOptions().setExact(true))
          .first()
          .fill(due + " " + due.plusHours(12));
      page.getByLabel("at", new Page.GetByLabelOptions().setExact(true))
          .selectOption(due.toString());
      wren.button("Save").click();

      wren.atPage("Fen: courses");
      assertThat(wren.region("Marsh drops")).containsText("8 drops");
      wren.expectAccessible();
      page.keyboard().press("d");
      assertThat(wren.region(NOW)).containsText("8 drops, dose 1 of 21");
      wren.expectAccessible();
      give(wren);
      assertThat(wren.region("Today, all dogs")).containsText("given");
      assertThat(wren.region(NOW)).isHidden();
    }
  }

  @Test
  void theSecondTickOfADoseIsRefusedWithWhoGaveIt() {
    try (Person wren = withDog(Person.atDesk(), "");
        Person tern = Person.withPhone()) {
      household.course(dog, "");
      join(wren, tern);
      holdBack(tern.page());
      tern.page().navigate("/doses");
      assertThat(tern.region(NOW)).isVisible();
      tern.expectAccessible();
      wren.page().navigate("/doses");
      give(wren);
      assertThat(wren.region("Today, all dogs")).containsText("given");

      give(tern);

      assertThat(tern.page().getByRole(AriaRole.ALERT).first())
          .containsText("Wren has given this dose at");
    }
  }

  /** The page sees the doses as they were at first. */
  private static void holdBack(Page page) {
    AtomicReference<APIResponse> first = new AtomicReference<>();
    page.route(
        "**/api/households/*/doses",
        route -> {
          if (first.get() == null) {
            first.set(route.fetch());
          }
          route.fulfill(new Route.FulfillOptions().setResponse(first.get()));
        });
  }

  @Test
  void whatTwoPhonesTickedWithoutANetworkIsKeptAndSaidToBePerhapsTwice() {
    try (Person wren = withDog(Person.withPhone(), "");
        Person tern = Person.withPhone()) {
      household.course(dog, "");
      join(wren, tern);
      for (Person one : new Person[] {wren, tern}) {
        one.page().navigate("/doses");
        assertThat(one.region(NOW)).isVisible();
        one.expectsNoNetwork();
        one.page().context().setOffline(true);
      }
      for (Person one : new Person[] {wren, tern}) {
        give(one);
        assertThat(one.region("Today, all dogs")).containsText("kept on this device");
        one.page().context().setOffline(false);
      }

      for (Person one : new Person[] {wren, tern}) {
        assertThat(one.page().getByText("perhaps given twice")).isVisible();
        one.expectAccessible();
      }
    }
  }

  @Test
  void theWaitAfterACleaningRunsOnOverAReloadAndAsksWhyItIsNotKept() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      household.course(dog, ", \"labelWait\": 60");
      household.wipeRightNow(dog);
      page.navigate("/doses");
      assertThat(wren.region("Fen waits")).containsText("min");
      page.reload();
      assertThat(wren.region("Fen waits")).containsText("min");
      give(wren);
      Locator dialog = page.getByRole(AriaRole.DIALOG);
      assertThat(dialog).containsText("before the wait is over?");
      wren.expectAccessible();
      wren.button("The vet said so").click();
      assertThat(wren.region("Today, all dogs")).containsText("The vet said so");
    }
  }

  @Test
  void aDoseIsGivenStepByStep() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      household.course(dog, "");
      wren.page().navigate("/doses");
      wren.button("Lead me").click();
      wren.expectAccessible();
      wren.button("Next").click();
      wren.button("Next").click();
      for (int drop = 0; drop < 8; drop++) {
        wren.button("A drop").click();
      }
      assertThat(wren.page().getByText("of 8 drops")).isVisible();
      wren.button("Next").click();
      assertThat(wren.page().getByRole(AriaRole.TIMER)).isVisible();
      wren.expectAccessible();
      wren.button("Next").click();
      wren.button("Next").click();
      wren.button("Given").click();
      assertThat(wren.region("Today, all dogs")).containsText("given");
    }
  }

  @Test
  void stoppingEarlyAsksWhyAndPlansChecks() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      household.checkQuiet(dog);
      household.course(dog, "");
      page.navigate("/dogs/" + dog + "/courses");
      wren.button("Stop it early…").click();
      assertThat(wren.button("Stop it")).isDisabled();
      wren.expectAccessible();
      page.getByText("something else").click();
      assertThat(page.getByText("Free of symptoms is not cured.")).isVisible();
      wren.button("Stop it").click();

      assertThat(wren.region("Marsh drops")).containsText("over: something else");
      String third = LocalDate.now(LONDON).plusDays(3).format(DateTimeFormatter.BASIC_ISO_DATE);
      assertThat(household.calendar()).contains("DTSTART;VALUE=DATE:" + third);
    }
  }

  @Test
  void aGelThatStaysHoldsCleaningAndThePlanSaysUntilWhen() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      household.checkQuiet(dog);
      household.course(dog, ", \"staysDays\": 30");
      page.navigate("/doses");
      give(wren);
      assertThat(wren.region("Today, all dogs")).containsText("given");
      page.navigate("/dogs/" + dog);
      String until =
          LocalDate.now(LONDON)
              .plusDays(30)
              .format(DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH));

      assertThat(wren.region("right ear"))
          .containsText("Marsh drops stays in it: no cleaning, until " + until);
      assertThat(wren.region("left ear")).not().containsText("stays in it");
    }
  }
}
