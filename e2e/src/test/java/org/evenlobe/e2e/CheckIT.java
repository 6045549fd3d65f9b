package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The weekly check, what it closes, and what opens it again. */
@ExtendWith(RunningDemo.class)
class CheckIT {
  private static final int MOST_CLICKS = 5;

  private int clicks;

  private static Person withDog(Person person) {
    person.register(UUID.randomUUID() + "@test.example");
    person.addDog("Fen");
    return person;
  }

  private void click(Locator target) {
    target.click();
    clicks++;
  }

  private static Locator looked(Person person, String ear) {
    return person.button("Looked and sniffed: " + ear);
  }

  private static void lookAndSave(Person person) {
    looked(person, "right ear").click();
    looked(person, "left ear").click();
    person.button("Save").click();
    person.atPage("Fen: what the check says");
  }

  @Test
  void aQuietCheckTakesFiveClicksAtMost() {
    try (Person wren = withDog(Person.withPhone())) {
      Page page = wren.page();
      wren.link("Today").click();
      wren.atPage("Today");

      click(wren.link("Check Fen"));
      click(looked(wren, "right ear"));
      click(looked(wren, "left ear"));
      click(wren.button("Save"));

      assertThat(wren.region("What the check says")).containsText("Leave both ears alone.");
      assertThat(page.getByText("Recorded. Next: check both ears in 7 days")).isVisible();
      assertThat(clicks).isLessThanOrEqualTo(MOST_CLICKS);
    }
  }

  private static boolean isSave(Request request) {
    return "PUT".equals(request.method()) && request.url().contains("/checks/");
  }

  /** The check is on its way when Fen's page is left for Today. */
  private static Route saveAndLeave(Person person, String check) {
    Page page = person.page();
    List<Route> held = new ArrayList<>();
    page.route(
        "**/checks/*",
        route -> {
          if (held.isEmpty() && isSave(route.request())) {
            held.add(route);
          } else {
            route.resume();
          }
        });
    page.navigate(check);
    person.atPage("Check Fen");
    looked(person, "right ear").click();
    looked(person, "left ear").click();
    page.waitForRequest(CheckIT::isSave, () -> person.button("Save").click());
    person.link("Today").first().click();
    person.atPage("Today");
    assertThat(held).hasSize(1);
    return held.get(0);
  }

  @Test
  void whoeverLeavesWhileItIsSavedStaysThereAndHearsOfItWhenItFails() {
    try (Person wren = withDog(Person.withPhone())) {
      Page page = wren.page();
      String check = page.url() + "/check";
      wren.expectsNoNetwork();
      saveAndLeave(wren, check).abort("connectionrefused");
      Locator alert = page.getByRole(AriaRole.ALERT);
      assertThat(alert).containsText("Not saved.");
      wren.expectAccessible();
      wren.button("Try again").click();
      assertThat(alert).hasCount(0);
      // how old it is was not said: that is asked once, and then nothing is left to do
      wren.button("No, grown up").click();
      assertThat(wren.heading("Nothing to do now")).isVisible();

      Route held = saveAndLeave(wren, check);
      page.waitForResponse("**/today", held::resume);
      page.waitForLoadState(LoadState.NETWORKIDLE);
      page.reload();
      wren.atPage("Today");
    }
  }

  @Test
  void theVerdictMovesWhileItIsGradedAndTheBalanceTips() {
    try (Person wren = withDog(Person.atDesk())) {
      Page page = wren.page();
      page.keyboard().press("k");
      wren.atPage("Check Fen");
      assertThat(page.getByText("Score R 0, L 0: even")).isVisible();

      wren.tile("Redness, left ear", "2 moderate");
      wren.tile("Discharge, left ear", "2 moderate");
      assertThat(looked(wren, "left ear")).isDisabled();
      wren.tile("Kind of discharge, left ear", "brown");

      assertThat(page.getByText("Score R 0, L 4: uneven")).isVisible();
      assertThat(page.getByText("Wipe only what you can see of the left ear")).isVisible();
      assertThat(wren.button("Save")).isDisabled();
    }
  }

  @Test
  void aFoulOdourClosesThatEarUntilAVisitOpensItAgain() {
    try (Person wren = withDog(Person.atDesk())) {
      Page page = wren.page();
      page.keyboard().press("k");
      wren.atPage("Check Fen");
      wren.tile("Odour, right ear", "foul odour");
      lookAndSave(wren);
      assertThat(wren.region("What the check says"))
          .containsText("Pour nothing into the right ear; call your vet today or tomorrow.");
      assertThat(wren.region("What to tell the vet")).containsText("The odour is foul.");

      wren.link("To Fen").click();
      Locator closed = wren.button("Clean right ear");
      assertThat(closed).hasAttribute("aria-disabled", "true");
      assertThat(closed)
          .hasAccessibleDescription(
              "Closed: A check found signs in the right ear that no liquid may meet.");
      assertThat(wren.link("Clean left ear").or(wren.link("Wipe left ear"))).isVisible();
      wren.menu("Record a cleaning");
      assertThat(page.getByText("The right ear is held: do not clean it.")).isVisible();
      wren.link("Today").click();
      assertThat(wren.region("What to do now").getByRole(AriaRole.LISTITEM).first())
          .containsText("Vet, right ear");
      assertThat(page.getByText("held", new Page.GetByTextOptions().setExact(true))).isVisible();

      wren.link("Record a visit of Fen").click();
      wren.region("right ear").getByText("intact", exactly()).click();
      wren.region("right ear").getByText("yes", exactly()).click();
      wren.button("Save").click();
      page.getByText("may be cleaned again").waitFor();
      wren.link("Back to the dog").click();
      assertThat(wren.link("Clean right ear")).isVisible();
      assertThat(page.getByText("The right ear is held")).isHidden();
    }
  }

  @Test
  void lossOfBalanceClosesBothEars() {
    try (Person wren = withDog(Person.atDesk())) {
      wren.page().keyboard().press("k");
      wren.atPage("Check Fen");
      wren.button("Stumbles or circles").click();
      lookAndSave(wren);
      assertThat(wren.region("What the check says")).containsText("Call your vet and go today.");

      wren.link("To Fen").click();
      for (String ear : new String[] {"right", "left"}) {
        assertThat(wren.button("Clean " + ear + " ear")).hasAttribute("aria-disabled", "true");
        assertThat(wren.heading("The " + ear + " ear is held")).isVisible();
      }
      wren.link("Check").click();
      assertThat(wren.page().getByText("nothing is filled in")).isVisible();
      assertThat(looked(wren, "right ear")).isDisabled();
    }
  }

  @Test
  void isDoneWithTheKeyboardAlone() {
    try (Person wren = withDog(Person.atDesk())) {
      Page page = wren.page();
      page.keyboard().press("k");
      wren.atPage("Check Fen");
      looked(wren, "right ear").focus();
      page.keyboard().press("Space");
      page.keyboard().press("Tab");
      page.keyboard().press("Space");
      // past what says that an ear could not be looked at
      page.keyboard().press("Tab");
      page.keyboard().press("Tab");
      page.keyboard().press("Tab");
      page.keyboard().press("ArrowRight");
      page.keyboard().press("ArrowRight");
      assertThat(page.getByText("plainly red, fine vessels show")).isVisible();
      wren.button("Save").focus();
      page.keyboard().press("Enter");

      wren.atPage("Fen: what the check says");
      assertThat(wren.region("What the check says"))
          .containsText("Wipe only what you can see of the right ear");
    }
  }

  @Test
  void aPlannedCheckIsSkippedWithItsReason() {
    try (Person wren = withDog(Person.atDesk())) {
      Page page = wren.page();
      wren.link("Today").click();
      wren.button("Skip for Fen: check both ears").click();
      page.getByText("Not here that day").click();
      wren.button("Skip it").click();
      assertThat(wren.link("Check Fen")).isHidden();

      wren.open("Fen");
      page.keyboard().press("y");
      assertThat(page.getByText("The one before was skipped: “Not here that day”.")).isVisible();
    }
  }

  @Test
  void aSwimIsRecordedInOneTapAndWatchedInADogWhoseTroubleFollowsWater() {
    try (Person wren = withDog(Person.withPhone())) {
      Page page = wren.page();
      wren.menu("Edit");
      wren.line("After water");
      page.getByText("Ear trouble follows water").click();
      wren.button("Save").click();
      wren.atPage("Fen");
      Locator water = wren.region("Days to note");

      wren.tab("Water");
      wren.button("Record: swim").click();
      assertThat(water).containsText("swim today");
      wren.expectAccessible();
      wren.link("Today").click();
      assertThat(page.getByText("swim today")).isHidden();
      wren.link("Check Fen").click();
      lookAndSave(wren);
      assertThat(page.getByText("Next: watch both ears in 7 days")).isVisible();

      wren.link("To Fen").click();
      wren.tab("Water");
      water.getByRole(AriaRole.BUTTON, named("Take back: swim today")).click();
      assertThat(water).not().containsText("swim today");
    }
  }

  private static Locator.GetByRoleOptions named(String name) {
    return new Locator.GetByRoleOptions().setName(name);
  }

  private static Locator.GetByTextOptions exactly() {
    return new Locator.GetByTextOptions().setExact(true);
  }
}
