package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningDemo.class)
class TodayIT {

  @Test
  void showsFiveDogsWithTheirRibbonsAndWhatIsDueFirst() {
    try (Person warden = Person.atDesk()) {
      warden.signInAsWarden();
      Page page = warden.page();

      for (String dog : new String[] {"Dunlin", "Marram", "Otter", "Sedge", "Teasel"}) {
        assertThat(ribbon(page, dog)).isVisible();
      }
      Locator toDo =
          page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What to do now"));
      // what somebody told of an ear comes before what the plan asks
      assertThat(toDo.getByRole(AriaRole.LISTITEM).first())
          .containsText("Ines next door (sitter) saw something");
      assertThat(toDo.getByRole(AriaRole.LISTITEM).first()).containsText("Look yourself.");
    }
  }

  @Test
  void theRibbonsMarksAreReadWithTheArrowKeys() {
    try (Person warden = Person.atDesk()) {
      warden.signInAsWarden();
      Page page = warden.page();
      Locator ribbon = ribbon(page, "Otter");
      ribbon.locator("[tabindex='0']").focus();
      String planned = focusedWords(page);

      page.keyboard().press("ArrowLeft");
      String before = focusedWords(page);

      // what comes first goes by the day: water is expected on some, and watched for after
      assertThat(planned).matches("(clean|dry|watch|check) .*");
      assertThat(before).contains("left ear checked").contains("score");
      assertThat(page.getByText(before.substring(1))).isVisible();
    }
  }

  @Test
  void isReachedByKeysAlone() {
    try (Person warden = Person.atDesk()) {
      warden.signInAsWarden();
      Page page = warden.page();
      assertThat(ribbon(page, "Otter")).isVisible();

      page.keyboard().press("3");
      warden.atPage("Otter");
      page.keyboard().press("c");
      warden.heading("Clean with me: Otter").waitFor();
      page.goBack();
      warden.atPage("Otter");
      page.keyboard().press("k");
      warden.heading("Check Otter").waitFor();
      page.keyboard().press("t");
      warden.heading("Today").waitFor();
      page.keyboard().press("?");
      assertThat(page.getByRole(AriaRole.DIALOG)).containsText("clean with me");
      page.keyboard().press("Escape");
      assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"desk", "phone"})
  void everyViewIsAccessibleInLightAndDarkAndFitsItsWidth(String device) {
    try (Person warden = device.equals("desk") ? Person.atDesk() : Person.withPhone()) {
      warden.page().navigate("/sign-in");
      warden.button("Sign in").waitFor();
      warden.expectAccessible();
      warden.signInAsWarden();
      Page page = warden.page();
      ribbon(page, "Otter").waitFor();
      boolean atDesk = device.equals("desk");
      if (atDesk) {
        warden.button("Dark").click();
        assertThat(page.locator("html[data-scheme=dark]")).isVisible();
        warden.button("Light").click();
      }
      expectWellMade(warden, atDesk);
      warden.open("Marram");
      page.keyboard().press("y");
      page.getByText("How the day of the cleaning came about").waitFor();
      if (atDesk) {
        for (String tab :
            new String[] {"Checks", "Visits", "Water", "How it is done", "Inside the ear"}) {
          warden.tab(tab);
          warden.expectAccessible();
        }
      }
      expectWellMade(warden, atDesk);
      warden.menu("Edit");
      page.getByText("Begin with every").waitFor();
      expectWellMade(warden, atDesk);
      page.goBack();
      warden.menu("Record a cleaning");
      warden.choose("left ear: 4 heavy");
      expectWellMade(warden, atDesk);
      page.goBack();
      warden.atPage("Marram");
      warden.link("Check").click();
      page.getByText("nothing is filled in").waitFor();
      warden.tile("Discharge, left ear", "3 severe");
      warden.tile("Kind of discharge, left ear", "bloody");
      warden.button("Something seen in the ear · hearing").click();
      page.getByText("Call your vet and go today.").waitFor();
      expectWellMade(warden, atDesk);
      page.goBack();
      warden.atPage("Marram");
      warden.tab("Checks");
      warden.link("All checks, compare two").click();
      page.getByRole(AriaRole.CHECKBOX).nth(0).click();
      page.getByRole(AriaRole.CHECKBOX).nth(2).click();
      warden.region("Compared").waitFor();
      expectWellMade(warden, atDesk);
      page.getByRole(AriaRole.LISTITEM).nth(2).getByRole(AriaRole.LINK).click();
      page.getByText("What to tell the vet").waitFor();
      expectWellMade(warden, atDesk);
      warden.link("To Marram").click();
      warden.tab("Visits");
      warden.link("Visits to the vet, on a page of their own").click();
      page.getByText("some yeast, many round bacteria").waitFor();
      expectWellMade(warden, atDesk);
      warden.link("Record a visit").click();
      page.getByText("clean it …").first().click();
      expectWellMade(warden, atDesk);
      warden.go("Household");
      page.getByText("Who shares it").waitFor();
      page.getByLabel("Role of Marsh warden").waitFor();
      expectWellMade(warden, atDesk);
      warden.link("Our week").click();
      page.getByLabel("Cleanings on Monday").waitFor();
      expectWellMade(warden, atDesk);
      warden.link("How we do things").click();
      warden.line("The rest as usual");
      expectWellMade(warden, atDesk);
      if (atDesk) {
        // a long list of the same few words, looked at once
        warden.link("People").click();
        warden.link("Licences of what ships with Even Lobe").click();
        page.getByText("OFL-1.1").first().waitFor();
        page.getByText("org.hibernate.orm:hibernate-core").waitFor();
        expectWellMade(warden, false);
      }
      warden.link("Month").click();
      warden.atPage("Month");
      page.getByText(atDesk ? "A drop is a cleaning" : "Earlier this week")
          .or(page.getByText("today"))
          .first()
          .waitFor();
      expectWellMade(warden, atDesk);
      page.getByRole(AriaRole.MAIN).getByText("Marram").locator("visible=true").first().click();
      warden.link("Every date, and what if").click();
      warden.heading("As it is").waitFor();
      expectWellMade(warden, atDesk);
      warden.link("Bench").click();
      warden.region("Whose ears it suits").waitFor();
      expectWellMade(warden, atDesk);
      warden.go("Stock");
      page.getByText("Cotton pads").first().waitFor();
      expectWellMade(warden, atDesk);
      warden.link("Doses").click();
      warden.region("Teasel: diet trial").waitFor();
      expectWellMade(warden, atDesk);
      warden.region("Teasel: diet trial").getByRole(AriaRole.LINK).click();
      warden.region("Diet trial: duck and millet").waitFor();
      expectWellMade(warden, atDesk);
      warden.link("On your own").click();
      warden.button("with the food").click();
      page.getByText("It is an oil with EPA and DHA (omega-3)").click();
      page.getByLabel("EPA, mg per capsule").fill("180");
      page.getByLabel("DHA, mg per capsule").fill("120");
      page.getByText("given for itchy skin").waitFor();
      expectWellMade(warden, atDesk);
      page.goBack();
      warden.link("Diet trial").click();
      warden.button("Begin it").waitFor();
      expectWellMade(warden, atDesk);
      warden.link("Today").click();
      ribbon(page, "Otter").waitFor();
    }
  }

  /** Colours do not depend on the width: the dark ones are looked at once, at the desk. */
  private static void expectWellMade(Person person, boolean inTheDarkToo) {
    person.expectAccessible();
    if (inTheDarkToo) {
      person.expectReadableInTheDark();
    }
    Object overflow =
        person.page().evaluate("document.documentElement.scrollWidth - window.innerWidth");
    assertThat(((Number) overflow).intValue()).as(person.page().url()).isLessThanOrEqualTo(0);
  }

  private static String focusedWords(Page page) {
    return (String) page.evaluate("document.activeElement.getAttribute('aria-label')");
  }

  private static Locator ribbon(Page page, String dog) {
    return page.getByRole(
        AriaRole.GROUP,
        new Page.GetByRoleOptions().setName(dog + ": what was done and what is planned"));
  }
}
