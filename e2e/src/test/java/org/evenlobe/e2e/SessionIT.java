package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The guided session: from its start to what the plan makes of it, whatever comes between. */
@ExtendWith(RunningDemo.class)
class SessionIT extends InSession {
  @Test
  void aWholeFillOfTwoEarsIsDoneWithTheKeyboardAlone() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.navigate("/dogs/" + dog);
      wren.atPage("Fen");
      page.keyboard().press("c");
      assertThat(wren.button("Begin")).isFocused();
      page.keyboard().press("Enter");
      press(wren, "Space", "Space");
      atStep(wren, "Look, sniff, feel: both ears");
      for (String ear : List.of("right ear", "left ear")) {
        // a trace of wax: with nothing in it, an ear that is due would wait
        firstTile(page, "Discharge, " + ear).focus();
        page.keyboard().press("ArrowRight");
        firstTile(page, "Kind of discharge, " + ear).focus();
        page.keyboard().press("Space");
        wren.button("Looked and sniffed: " + ear).focus();
        page.keyboard().press("Space");
      }
      wren.button("Keep it and go on").focus();
      page.keyboard().press("Enter");

      atStep(wren, "Fill the right ear");
      press(wren, "Space", "s", "Space", "Space", "w", "w", "r");
      atStep(wren, "Fill the right ear again");
      press(wren, "Space", "Backspace");
      atStep(wren, "Fill the right ear again");
      press(wren, "Space", "Space", "Space", "w", "Space", "Space", "2", "Space");
      atStep(wren, "Fill the left ear");
      press(wren, "Space", "Space", "Space", "w", "Space", "Space", "1", "Space", "Space", "0");
      press(wren, "Space");

      assertThat(wren.region("right ear")).containsText("fill · 2 rounds · 3 wipes · squelched");
      assertThat(wren.region("left ear")).containsText("fill · 1 round · 1 wipe");
      assertThat(wren.button("Save")).isFocused();
      page.keyboard().press("Enter");

      page.getByText("Learned for next time").waitFor();
      assertThat(page.getByText("Next in ")).isVisible();
      assertThat(wren.region("Learned of the right ear")).containsText("lay out 5 wipes");
      page.navigate("/dogs/" + dog);
      assertThat(wren.region("Record")).containsText("light");
      assertThat(wren.region("Record").getByRole(AriaRole.ROW)).hasCount(2);
    }
  }

  private static boolean isServedByWorker(Page page) {
    return Boolean.TRUE.equals(page.evaluate("navigator.serviceWorker.controller !== null"));
  }

  private static Locator firstTile(Page page, String group) {
    return page.getByRole(
            AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName(group).setExact(true))
        .getByRole(AriaRole.RADIO)
        .first();
  }

  @Test
  void aReloadInTheMiddleGoesOnAtTheSameStepWithTheSameClock() {
    try (Person wren = begun(Person.withPhone(), "")) {
      Page page = wren.page();
      goOn(wren, 4);
      atStep(wren, "Massage the base of the right ear");
      Locator ring = page.locator("svg[role=timer]");
      assertThat(ring).hasAccessibleName(Pattern.compile("[12]\\d seconds left"));
      wren.button("Pause").click();
      assertThat(ring).hasAccessibleName(Pattern.compile("seconds left, paused"));
      String before = ring.getAttribute("aria-label");

      page.reload();

      atStep(wren, "Massage the base of the right ear");
      assertThat(ring.getAttribute("aria-label")).isEqualTo(before);
      wren.button("Go on").click();
      assertThat(wren.button("Pause")).isVisible();
      assertThat(ring).not().hasAccessibleName(before.replace(", paused", ""));
    }
  }

  @Test
  void aSessionOfAnEarlierDayIsRecordedButNotGoneOnWith() {
    try (Person wren = begun(Person.withPhone(), "")) {
      Page page = wren.page();
      goOn(wren, 6);
      press(wren, "w", "w");
      page.clock().setSystemTime(Instant.now().plus(1, ChronoUnit.DAYS).toEpochMilli());

      page.reload();

      assertThat(page.getByText("was not finished")).isVisible();
      wren.tile("What came out of the right ear", "1 trace");
      wren.tile("How it took it", "uneasy");
      wren.button("Save").click();
      page.getByText("Learned for next time").waitFor();
      page.navigate("/dogs/" + dog + "/session");
      assertThat(wren.button("Begin")).isVisible();
    }
  }

  @Test
  void aTimerEndsByItself() {
    try (Person wren = begun(Person.withPhone(), "")) {
      goOn(wren, 4);
      wren.page().clock().install();
      wren.page().reload();
      atStep(wren, "Massage the base of the right ear");
      wren.page().clock().fastForward(31_000);

      assertThat(wren.page().getByRole(AriaRole.TIMER, named("Time is up"))).isVisible();
    }
  }

  @Test
  void withTheNetworkCutItIsFinishedAndStoredOnceWhenThatIsBack() {
    try (Person wren = begun(Person.withPhone(), "\"ways\": {\"method\": \"WIPE\"}")) {
      Page page = wren.page();
      for (int tries = 0; tries < 200 && !isServedByWorker(page); tries++) {
        page.waitForTimeout(100);
      }
      goOn(wren, 2);
      wren.expectsNoNetwork();
      page.context().setOffline(true);
      goOn(wren, 1);
      page.reload();
      atStep(wren, "Wipe the right ear, only what you see");
      press(wren, "w", "Space", "Space", "1", "Space", "w", "Space", "Space", "0", "Space");
      press(wren, "Space", "1", "Space");
      wren.button("Save").click();
      assertThat(page.getByText("Kept on this device.")).isVisible();

      page.context().setOffline(false);

      page.getByText("Learned for next time").waitFor();
      wren.link("Back to Today").click();
      wren.atPage("Today");
      assertThat(page.getByText("recorded on this device")).isHidden();
      wren.open("Fen");
      // the head and one cleaning
      assertThat(wren.region("Record").getByRole(AriaRole.ROW)).hasCount(2);
    }
  }

  @Test
  void fromItsCheckToItsEndItNeedsNoNetworkAfterTheFirstScreen() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      household.addBottle("Green bottle");
      household.addSourBottle("Sour bottle");
      page.navigate("/dogs/" + dog + "/session");
      for (int tries = 0; tries < 200 && !isServedByWorker(page); tries++) {
        page.waitForTimeout(100);
      }
      assertThat(wren.button("Begin")).isEnabled();
      wren.expectsNoNetwork();
      page.context().setOffline(true);
      wren.button("Begin").click();
      page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Sour bottle")).check();
      goOn(wren, 2);
      wren.expectAccessible();
      wren.tile("Discharge, right ear", "2 moderate: a film or clumps at the opening");
      wren.tile("Kind of discharge, right ear", "tan wax");
      wren.tile("Redness, left ear", "2 moderate: plainly red, fine vessels show");
      assertThat(page.getByText("Redness, moderate (2).")).isVisible();
      lookedAtBoth(wren);
      wren.button("Keep it and go on").click();

      atStep(wren, "Fill the right ear");
      press(wren, "Space", "Space", "Space", "w", "Space", "Space", "3", "Space");
      atStep(wren, "Wipe the left ear, only what you see");
      Locator caution = page.getByRole(AriaRole.ALERT);
      assertThat(caution).containsText("Not Sour bottle. It burns: this skin is red or sore.");
      wren.expectAccessible();
      wren.button("Take Green bottle").click();
      assertThat(caution).isHidden();
      press(wren, "w", "Space", "Space", "1", "Space", "Space", "0", "Space");
      wren.button("Save").click();
      assertThat(page.getByText("Kept on this device.")).isVisible();

      page.context().setOffline(false);

      page.getByText("Learned for next time").waitFor();
      assertThat(page.getByText("Next in ")).isVisible();
      page.navigate("/dogs/" + dog + "?tab=checks");
      assertThat(wren.region("What the check says")).containsText("Redness, moderate (2).");
    }
  }

  @Test
  void hairThatIsDueIsNotedInASessionWithoutANetwork() {
    try (Person wren =
        withDog(Person.withPhone(), "\"ways\": {\"method\": \"WIPE\", \"hair\": \"TRIM\"}")) {
      Page page = wren.page();
      household.checkQuiet(dog);
      page.navigate("/dogs/" + dog + "/session?ears=RIGHT");
      wren.button("Begin").click();
      atStep(wren, "Lay everything out");
      wren.expectsNoNetwork();
      page.context().setOffline(true);
      goOn(wren, 3);
      atStep(wren, "Trim round the opening of the right ear");
      page.getByLabel("Note it: trimmed").check();
      wren.expectAccessible();
      goOn(wren, 1);
      press(wren, "w", "Space", "Space", "1", "Space", "Space", "1", "Space");
      wren.button("Save").click();
      assertThat(page.getByText("Kept on this device.")).isVisible();
      page.context().setOffline(false);

      page.getByText("Learned for next time").waitFor();
      page.navigate("/dogs/" + dog);
      assertThat(wren.region("Hair")).containsText("trimmed today, right ear, by one of us");
      assertThat(wren.region("Hair")).containsText("Next: hair care of left ear today");
    }
  }

  @Test
  void hairThatACheckFoundBlockingIsNotedFromIt() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      page.navigate("/dogs/" + dog + "/check");
      lookedAtBoth(wren);
      wren.button("Something seen in the ear · hearing").click();
      page.getByText("hair that blocks it").first().click();
      wren.button("Save").click();
      wren.atPage("Fen: what the check says");
      wren.button("Note hair care of Fen").click();
      wren.button("Save").click();

      page.getByText("Noted: hair of Fen trimmed.").waitFor();
      page.navigate("/dogs/" + dog);
      assertThat(wren.region("Hair")).containsText("trimmed today");
    }
  }

  @Test
  void aFullCleaningOfAQuietDogIsGoneOnWithAfterAReload() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      household.clean(dog, 2);
      page.navigate("/dogs/" + dog + "/session");
      page.getByText("Clean it fully today all the same").click();
      assertThat(page.getByText("too often irritates the skin").first()).isVisible();
      wren.button("Begin").click();
      goOn(wren, 2);
      lookedAtBoth(wren);
      wren.button("Keep it and go on").click();
      atStep(wren, "Fill the right ear");
      goOn(wren, 1);

      page.reload();

      atStep(wren, "Massage the base of the right ear");
      goOn(wren, 1);
    }
  }

  private static void lookedAtBoth(Person person) {
    person.button("Looked and sniffed: right ear").click();
    person.button("Looked and sniffed: left ear").click();
  }

  @Test
  void oneBadEarEndsItForThatEarOnly() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      page.navigate("/dogs/" + dog + "/session");
      wren.button("Begin").click();
      goOn(wren, 2);
      wren.tile("Odour, right ear", "foul odour");
      lookedAtBoth(wren);
      assertThat(page.getByText("Pour nothing into the right ear; call your vet")).isVisible();
      wren.button("Keep it and go on").click();

      assertThat(page).hasTitle(Pattern.compile("left ear"));
    }
  }

  @Test
  void stopAtTheCheckEndsItWithWhatToDo() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      page.navigate("/dogs/" + dog + "/session?ears=RIGHT");
      wren.button("Begin").click();
      goOn(wren, 2);
      wren.tile("Odour, right ear", "foul odour");
      lookedAtBoth(wren);
      wren.button("Keep it: stop here").click();

      wren.atPage("Stop: nothing goes in today");
      assertThat(page.getByText("Pour nothing into the right ear; call your vet")).isVisible();
      wren.expectAccessible();
      wren.link("What to tell the vet").click();
      wren.atPage("Fen");
      assertThat(wren.region("What to tell the vet")).containsText("The odour is foul.");
    }
  }

  @Test
  void aCheckThatCameMeanwhileEndsASessionThatWasLeft() {
    try (Person wren = begun(Person.withPhone(), "")) {
      Page page = wren.page();
      goOn(wren, 6);
      press(wren, "w");
      wren.button("Stop").click();
      wren.button("Go on later").click();
      wren.atPage("Fen");
      page.keyboard().press("k");
      wren.atPage("Check Fen");
      wren.tile("Odour, right ear", "foul odour");
      wren.tile("Odour, left ear", "foul odour");
      lookedAtBoth(wren);
      wren.button("Save").click();
      wren.atPage("Fen: what the check says");

      page.navigate("/dogs/" + dog + "/session");

      wren.atPage("Stop: nothing goes in today");
      wren.button("Record what had been done").click();
      wren.tile("What came out of the right ear", "1 trace");
      wren.tile("How it took it", "calm");
      wren.button("Save").click();
      page.getByText("Learned for next time").waitFor();
    }
  }

  @Test
  void theSpaceBarPressesTheButtonThatHasTheFocus() {
    try (Person wren = begun(Person.atDesk(), "")) {
      goOn(wren, 3);
      atStep(wren, "Fill the right ear");
      wren.button("Half a millilitre more").focus();
      wren.page().keyboard().press("Space");

      assertThat(wren.page().getByText("9.5 mL", exactly())).isVisible();
      atStep(wren, "Fill the right ear");
      wren.button("Half a millilitre more").click();
      wren.page().keyboard().press("Tab");
      target(wren).focus();
      press(wren, "Space");
      atStep(wren, "Massage the base of the right ear");
    }
  }

  @Test
  void goesOnWithAnotherDeviceAndIsRecordedAsFarAsItGot() {
    String email = UUID.randomUUID() + "@test.example";
    try (Person phone = Person.withPhone();
        Person desk = Person.atDesk()) {
      phone.register(email);
      household = new Household(phone);
      dog = household.addDog("Fen", "");
      household.checkQuiet(dog);
      phone.page().navigate("/dogs/" + dog + "/session");
      phone.button("Begin").click();
      goOn(phone, 3);
      phone.button("Half a millilitre more").click();
      phone
          .page()
          .waitForResponse(
              answer -> answer.url().endsWith("/session-progress"), () -> goOn(phone, 1));

      desk.signIn(email, "a long enough secret");
      desk.page().navigate("/dogs/" + dog + "/session");
      desk.button("Go on at: Massage the base of the right ear").click();
      atStep(desk, "Massage the base of the right ear");
      desk.button("Stop").click();
      desk.button("Record as far as it got").click();
      assertThat(desk.region("right ear")).containsText("fill · 1 round · 9.5 mL · 0 wipes");
      assertThat(desk.region("left ear")).containsText("Left alone");
      assertThat(desk.button("Say what is missing")).hasAttribute("aria-disabled", "true");
      desk.tile("What came out of the right ear", "3 moderate");
      desk.tile("How it took it", "had to stop");
      desk.button("Save").click();
      desk.page().getByText("Learned for next time").waitFor();
      desk.link("To Fen’s page").click();
      desk.atPage("Fen");
      desk.tab("How it is done");
      assertThat(desk.region("Trust ladder")).containsText("You had to stop on");
    }
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static Page.GetByTextOptions exactly() {
    return new Page.GetByTextOptions().setExact(true);
  }
}
