package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Clock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A course from its label to its doses, by one person and by two. */
@ExtendWith(RunningDemo.class)
class CourseIT extends InSession {
  private static final ZoneId LONDON = ZoneId.of("Europe/London");
  private static final String NOW = "Now: Fen, right ear";

  private static void give(Person person) {
    person.button("Given: Fen, right ear").click();
  }

  @Test
  void aCourseIsWrittenDownByTheWordsOfItsLabel() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      LocalTime due = LocalTime.now(LONDON).withSecond(0).withNano(0);
      page.navigate("/dogs/" + dog);
      wren.menu("Courses");
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
      joins(wren, tern);
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
      joins(wren, tern);
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
      // the day on which it was put in is the first of the thirty
      String until =
          LocalDate.now(LONDON)
              .plusDays(29)
              .format(DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH));

      assertThat(wren.region("right ear"))
          .containsText("Marsh drops stays in it: no cleaning, until " + until);
      assertThat(wren.region("left ear")).not().containsText("stays in it");
    }
  }

  @Test
  void aRangeAsksOnItsLastPlannedDayWhetherToGoOn() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      household.range(dog, 1, 3);
      page.navigate("/doses");
      assertThat(page.getByText("The label says 1 to 3 days")).isVisible();
      wren.expectAccessible();

      wren.button("Go on to 3 days").click();

      assertThat(page.getByText("The label says 1 to 3 days")).isHidden();
      page.navigate("/dogs/" + dog + "/courses");
      wren.region("Marsh drops").getByText("Every dose").click();
      assertThat(wren.region("Marsh drops").getByRole(AriaRole.ROW)).hasCount(1 + 6);
    }
  }

  @Test
  void aDoseThatWasGivenButNotTickedIsTickedLaterAndATickIsTakenBack() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      household.course(dog, "");
      page.navigate("/doses");
      Locator day = wren.region("Today, all dogs");
      Locator first =
          day.getByRole(AriaRole.LISTITEM).filter(of("8 drops")).first().getByRole(AriaRole.BUTTON);
      first.click();
      page.getByLabel("Why then (if you like)").fill("forgot to tick it");
      wren.expectAccessible();
      wren.button("It was given").click();
      assertThat(day).containsText("forgot to tick it");

      first.click();
      wren.button("Take the tick back").click();

      assertThat(wren.region(NOW)).isVisible();
    }
  }

  @Test
  void aVisitBeginsTheCourseAndItsOrderInOneEntryAndTheCourseIsCorrected() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.navigate("/dogs/" + dog + "/visit");
      page.getByText("clean it …").first().click();
      page.getByLabel("The vet gave medicine: begin its course with this visit").click();
      wren.button("Save").click();
      assertThat(page.getByText("What is it called?")).isVisible();
      page.getByLabel("As it stands on the label").fill("5 drops AU bid for 5 days");
      wren.button("Understand it").click();
      assertThat(page.getByText("both ears").first()).isVisible();
      page.getByLabel("What it is called").fill("Tide drops");
      wren.expectAccessible();
      wren.button("Save").click();
      wren.heading("Fen: visits to the vet").waitFor();

      page.navigate("/dogs/" + dog + "/courses");
      assertThat(wren.region("Tide drops")).containsText("5 drops");
      wren.link("Correct it").click();
      page.getByLabel("What it is called").fill("Tide drops, large");
      page.getByText("every … days").click();
      page.getByLabel("Every … days").fill("2");
      wren.button("Save").click();

      assertThat(wren.region("Tide drops, large")).isVisible();
      assertThat(household.calendar()).contains("Fen: clean left ear").contains("Fen: 5 drops");
    }
  }

  @Test
  void aSlipInADietTrialIsOneTapAndCostsFourteenDays() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      page.navigate("/dogs/" + dog + "/trial");
      page.getByLabel("Fed so far").fill("chicken, rice");
      page.getByLabel("The new protein").fill("duck");
      page.getByLabel("The new starch").fill("millet");
      wren.expectAccessible();
      wren.button("Begin it").click();
      assertThat(wren.region("Diet trial: duck and millet")).containsText("1 of 56 clean days");
      page.navigate("/doses");

      wren.button("Fen ate something else").click();

      assertThat(wren.region("Fen: diet trial")).containsText("0 of 56 clean days");
      page.navigate("/dogs/" + dog + "/courses");
      assertThat(wren.region("Diet trial: duck and millet")).containsText("It alone cost 14 days");
      wren.expectAccessible();
    }
  }

  /** Doses at 8 and at 20; the phone's clock and the server's are put to those hours. */
  @Test
  void aDayOfMarramsCourseIsCarriedThroughWithTheServerStoppedForHalfOfIt() {
    LocalDate today = LocalDate.now(LONDON);
    Instant morning = today.atTime(8, 5).atZone(LONDON).toInstant();
    Demo.Server server = RunningDemo.serverAt(morning);
    try (Person warden = Person.withPhone(server.address())) {
      Page page = warden.page();
      page.clock().install(new Clock.InstallOptions().setTime(morning.toEpochMilli()));
      warden.signInAsWarden();
      page.navigate("/doses");
      Locator day = warden.region("Today, all dogs");
      warden.button("Given: Marram, left ear").click();
      assertThat(day.getByRole(AriaRole.LISTITEM).filter(of("08:00"))).containsText("given");
      warden.expectsNoNetwork();
      server.stop();

      page.clock().fastForward("11:50:00");
      assertThat(warden.region("Now: Marram, left ear")).containsText("On time until 23:00");
      warden.button("Given: Marram, left ear").click();
      assertThat(day.getByRole(AriaRole.LISTITEM).filter(of("20:00")))
          .containsText("kept on this device");
      server = RunningDemo.serverAt(today.atTime(20, 10).atZone(LONDON).toInstant());
      page.clock().fastForward("10:00");

      assertThat(day.getByRole(AriaRole.LISTITEM).filter(of("20:00"))).containsText("19:55");
      assertThat(day.getByRole(AriaRole.LISTITEM).filter(of("20:00")))
          .not()
          .containsText("kept on this device");
      page.reload();
      assertThat(day.getByRole(AriaRole.LISTITEM).filter(of("20:00"))).containsText("given");
    } finally {
      server.close();
    }
  }

  private static Locator.FilterOptions of(String time) {
    return new Locator.FilterOptions().setHasText(time);
  }
}
