package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * What a record shows over time, its pictures, what a vet is given of it, and the rules behind it.
 */
@ExtendWith(RunningDemo.class)
class LookBackIT extends InSession {
  private static final String RED = "\"redness\": \"SEVERE\"";
  private static final String WELL = "\"redness\": \"NONE\"";

  /** Three flares a week after a swim each. */
  private void swimsAndSuffers() {
    for (int swim : new int[] {150, 100, 50}) {
      household.swim(dog, swim);
      household.check(dog, swim - 7, 10, RED);
      household.check(dog, swim - 10, 10, WELL);
      household.check(dog, swim - 14, 10, WELL);
    }
    household.check(dog, 200, 10, WELL);
    household.check(dog, 1, 10, WELL);
  }

  @Test
  void whatFlaresFollowIsProposedAndAPersonDecides() throws IOException {
    try (Person wren = withDog(Person.atDesk(), "")) {
      swimsAndSuffers();
      Page page = wren.page();
      page.navigate("/dogs/" + dog);
      wren.menu("Trends");
      Locator follows = wren.region("What it follows");
      assertThat(follows).containsText("3 of 3 flares began 5 to 14 days after water");
      wren.expectAccessible();
      wren.region("Ear score").locator("[data-mark]").last().focus();
      page.keyboard().press("ArrowLeft");
      assertThat(wren.region("Ear score")).containsText("right ear: score 1 of 12");
      wren.button("Ear score as a table").click();
      assertThat(wren.region("Ear score, table")).containsText("swim");
      Download csv = page.waitForDownload(() -> wren.link("Ear score as CSV").click());
      List<String> lines = Files.readAllLines(csv.path());
      assertThat(lines.get(0)).isEqualTo("Day,Right ear,Left ear,What happened");
      assertThat(lines).hasSizeGreaterThan(10);

      wren.button("Yes, Fen’s trouble follows water").click();
      assertThat(follows).containsText("you said yes");
      follows.getByRole(AriaRole.LINK).first().click();
      wren.atPage("Rulebook");
      assertThat(wren.region("What a record shows over time")).containsText("exact binomial");
      wren.expectAccessible();
      page.getByLabel("Search the rules").fill("nothing like that");
      assertThat(page.getByText("No rule speaks of that")).isVisible();
    }
  }

  @Test
  void twoPicturesAreTakenComparedAndMeasured() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.navigate("/dogs/" + dog + "/check");
      wren.button("Photograph the right ear").click();
      wren.button("Simulated ear camera").click();
      page.getByAltText("What was taken of the right ear").waitFor();
      wren.button("Keep it").click();
      assertThat(page.getByText("photograph of the right ear")).isVisible();
      page.navigate("/dogs/" + dog + "/photos");
      wren.button("Photograph the right ear").click();
      wren.button("Simulated ear camera").click();
      page.getByAltText("What was taken of the right ear").waitFor();
      wren.button("Keep it").click();
      Locator tiles =
          page.getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Compare ")));
      assertThat(tiles).hasCount(2);
      Locator chosen = wren.region("The chosen photographs");
      assertThat(chosen.getByRole(AriaRole.IMG)).hasCount(2);
      wren.expectAccessible();

      chosen.getByText("Measure the redness").first().click();
      wren.button("Skin").focus();
      page.keyboard().press("ArrowLeft");
      wren.button("Measure").click();
      assertThat(chosen).containsText("a* ");
      wren.button("Laid over").click();
      assertThat(page.getByRole(AriaRole.SLIDER)).hasCount(2);
      wren.expectAccessible();
    }
  }

  @Test
  void aVetReadsTwoPagesByALinkUntilItIsEnded() {
    try (Person wren = withDog(Person.atDesk(), "");
        Person vet = Person.atDesk()) {
      household.check(dog, 0, 0, "\"odour\": \"FOUL\"");
      Page page = wren.page();
      page.navigate("/dogs/" + dog + "/vet");
      page.getByLabel("What do you want to know?").fill("How soon can we come?");
      wren.button("Make a link").click();
      String link = page.getByLabel("Its address").inputValue();
      wren.expectAccessible();

      APIResponse there = vet.page().request().get(link);
      assertThat(there.status()).isEqualTo(200);
      assertThat(new String(there.body(), StandardCharsets.ISO_8859_1)).startsWith("%PDF-");
      String household = link.replaceFirst("/shared/.*", "/api/me");
      assertThat(vet.page().request().get(household).status()).isEqualTo(401);
      page.getByRole(
              AriaRole.BUTTON,
              new Page.GetByRoleOptions().setName(Pattern.compile("^End the link")))
          .click();
      assertThat(page.getByLabel("Its address")).hasCount(0);
      assertThat(vet.page().request().get(link).status()).isEqualTo(404);
    }
  }

  @Test
  void twentyDogsComeInFromATableOnceItsThreeWrongLinesAreMended() {
    try (Person wren = Person.atDesk()) {
      wren.register(UUID.randomUUID() + "@test.example");
      Page page = wren.page();
      page.navigate("/dogs/new");
      wren.link("Many at once, from a table").click();
      page.getByLabel("The table").fill(kennel("", "", "17.5.2024"));
      wren.button("See what would be added").click();
      Locator found = wren.region("What would be added");
      assertThat(found).containsText("3 lines to mend, then 17 dogs and they are added");
      assertThat(found).containsText("Line 21, Dog 20: is wrong (born must be a day such as");
      assertThat(found.getByRole(AriaRole.BUTTON)).isDisabled();
      wren.expectAccessible();

      page.getByLabel("The table").fill(kennel("beagle", "Dog 9", "2024-05-17"));
      wren.button("See what would be added").click();
      wren.button("Add 20 dogs").click();
      assertThat(page.getByText("20 dogs added")).isVisible();
      page.navigate("/");
      wren.region("Dog 20").or(page.getByText("Dog 20")).first().waitFor();
    }
  }

  private static String kennel(String fifthsBreed, String ninthsName, String lastBorn) {
    StringBuilder csv = new StringBuilder("name,breed,born\n");
    for (int i = 1; i <= 20; i++) {
      csv.append(i == 9 ? ninthsName : "Dog " + i)
          .append(',')
          .append(i == 5 ? fifthsBreed : "beagle")
          .append(',')
          .append(i == 20 ? lastBorn : "2024-05-17")
          .append('\n');
    }
    return csv.toString();
  }
}
