package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Many dogs one after the other, from one tray. */
@ExtendWith(RunningDemo.class)
class RoundIT {
  private static final int DOGS = 20;

  /** Three pictures on a page of paper: what all records of a morning come to. */
  private static final int MOST_BYTES = 60_000;

  private final List<UUID> dogs = new ArrayList<>();
  private int taps;

  private Household withDogs(Person person, int number, String more) {
    person.register(UUID.randomUUID() + "@test.example");
    Household household = new Household(person);
    for (int dog = 1; dog <= number; dog++) {
      UUID id = household.addDog("Dog %02d".formatted(dog), more);
      household.clean(id, 40);
      for (int daysAgo : new int[] {37, 30, 23, 16, 9}) {
        household.check(id, daysAgo, dog, "\"redness\": \"NONE\"");
      }
      dogs.add(id);
    }
    return household;
  }

  private void tap(Locator target) {
    target.click();
    taps++;
  }

  private void tap(Person person, AriaRole role, String name) {
    tap(
        person
            .page()
            .getByRole(role, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name))));
  }

  private void wipeQuietDog(Person person) {
    tap(person, AriaRole.BUTTON, "Looked, sniffed: the right ear is as usual");
    tap(person, AriaRole.BUTTON, "Looked, sniffed: the left ear is as usual");
    for (String ear : List.of("right ear", "left ear")) {
      tap(
          person
              .page()
              .getByRole(
                  AriaRole.RADIOGROUP,
                  new Page.GetByRoleOptions().setName("What came out of the " + ear))
              .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("1 trace")));
    }
    tap(person, AriaRole.RADIO, "calm");
  }

  private static void awaitWorker(Page page) {
    for (int tries = 0; tries < 200; tries++) {
      if (Boolean.TRUE.equals(page.evaluate("navigator.serviceWorker.controller !== null"))) {
        return;
      }
      page.waitForTimeout(100);
    }
  }

  @Test
  void twentyQuietDogsTakeSixTapsEachWithNoConnectionAndEveryFactIsStoredOnce() {
    try (Person wren = Person.withPhone()) {
      Household household = withDogs(wren, DOGS, "\"ways\": {\"method\": \"WIPE\"}");
      Page page = wren.page();
      page.navigate("/");
      wren.link("Round of 20 dogs").click();
      assertThat(wren.region("Tray")).containsText("160 cotton pads");
      awaitWorker(page);
      wren.expectAccessible();
      wren.expectsNoNetwork();
      page.context().setOffline(true);
      wren.page()
          .getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Begin: 20")))
          .click();
      for (int dog = 1; dog <= DOGS; dog++) {
        wren.atPage("Dog %02d".formatted(dog));
        if (dog == 7) {
          // it keeps its place, though the page is gone
          page.reload();
          wren.atPage("Dog 07");
        }
        wipeQuietDog(wren);
        if (dog == 3) {
          wren.expectAccessible();
          wren.expectReadableInTheDark();
        }
        tap(page.locator("[aria-keyshortcuts=Space]"));
      }
      wren.atPage("20 dogs done");
      assertThat(page.getByText("40 records kept on this device")).isVisible();
      assertThat(taps).isEqualTo(6 * DOGS);

      List<Integer> sent = new ArrayList<>();
      page.onRequest(
          request -> {
            if (request.method().equals("PUT")) {
              sent.add(request.url().length() + request.postDataBuffer().length);
            }
          });
      page.context().setOffline(false);
      assertThat(page.getByText("All of it is recorded.")).isVisible();

      assertThat(sent).hasSize(2 * DOGS);
      int bytes = sent.stream().mapToInt(Integer::intValue).sum();
      System.out.printf(
          Locale.ROOT, "A round of %d dogs: %d taps, %d bytes sent%n", DOGS, taps, bytes);
      assertThat(bytes).isLessThan(MOST_BYTES);
      assertThat(household.cleanings(dogs.get(0))).isEqualTo(2);
      assertThat(household.cleanings(dogs.get(DOGS - 1))).isEqualTo(2);
      wren.button("To Today").click();
      wren.atPage("Today");
      assertThat(wren.link("Round of 20 dogs")).isHidden();
    }
  }

  @Test
  void aFilledDogTakesTwelveTaps() {
    try (Person wren = Person.withPhone()) {
      withDogs(wren, 2, "");
      wren.page().navigate("/round");
      wren.page()
          .getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Begin: 2")))
          .click();
      wren.atPage("Dog 01");
      tap(wren, AriaRole.BUTTON, "Looked, sniffed: the right ear");
      tap(wren, AriaRole.BUTTON, "Looked, sniffed: the left ear");
      for (String ear : List.of("right ear", "left ear")) {
        tap(wren, AriaRole.BUTTON, "Filled: " + ear);
        assertThat(wren.region(ear).getByRole(AriaRole.TIMER)).isVisible();
        tap(wren, AriaRole.BUTTON, "It squelched, " + ear);
        tap(
            wren.region(ear)
                .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("2 light")));
        tap(wren, AriaRole.BUTTON, "\\d wipes, " + ear);
      }
      tap(wren, AriaRole.RADIO, "calm");
      tap(wren.page().locator("[aria-keyshortcuts=Space]"));
      wren.atPage("Dog 02");

      assertThat(taps).isEqualTo(12);
    }
  }

  @Test
  void whatDiffersIsJudgedAndClosesTheEarAndASoreDogComesLast() {
    try (Person wren = Person.withPhone()) {
      Household household = withDogs(wren, 3, "\"ways\": {\"method\": \"WIPE\"}");
      household.check(dogs.get(0), 1, 0, "\"odour\": \"SWEET\"");
      Page page = wren.page();
      page.navigate("/round");
      wren.page()
          .getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Begin")))
          .click();
      wren.atPage("Dog 02");
      wren.button("Something differs").click();
      wren.tile("Odour, left ear", "foul odour");
      wren.button("Looked and sniffed: right ear").click();
      wren.button("Looked and sniffed: left ear").click();
      page.getByText("Keep it").click();
      assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("left ear");
      assertThat(wren.region("right ear")).isVisible();
      assertThat(wren.region("left ear")).isHidden();
      wren.button("Later").click();
      wren.atPage("Dog 03");
      wren.button("Not today").click();
      wren.atPage("Dog 01");
      assertThat(page.getByText("its right ear smelled sweet")).isVisible();
      wren.button("Not today").click();
      wren.atPage("Dog 02");
      wren.button("Leave").click();
      wren.atPage("Today");
      // dogs that are chosen meanwhile do not take its place
      page.navigate("/round?dogs=" + dogs.get(0));
      wren.button("Go on at Dog 02").click();
      wren.atPage("Dog 02");
      wren.button("Leave").click();
      wren.link("Go on with the round").click();
      wren.atPage("Dog 02");
      wren.button("Lead me through").click();
      InSession.atStep(wren, "Wipe the right ear, only what you see");
      InSession.press(wren, "w", "Space", "Space", "1", "Space", "Space", "0", "Space");
      wren.button("Save").click();
      page.getByText("Learned for next time").waitFor();
      wren.link("Back to the round").click();
      wren.atPage("1 dog done");
      assertThat(page.getByText("Not today: Dog 03, Dog 01.")).isVisible();
      assertThat(page.getByText("All of it is recorded.")).isVisible();
      assertThat(household.cleanings(dogs.get(1))).isEqualTo(2);
    }
  }
}
