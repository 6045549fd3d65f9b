package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What one room knows of an ear, the next one knows too. */
@ExtendWith(RunningDemo.class)
class OneVoiceIT extends InSession {

  @Test
  void whatTheGroomerToldClosesTheEarUntilSomebodyHasLookedAndAnswered() {
    try (Person wren = withDog(Person.withPhone(), "\"bornOn\": \"2020-02-02\"")) {
      Page page = wren.page();
      household.checkQuiet(dog);
      household.toldThatItHurts(dog);
      page.navigate("/");
      assertThat(wren.region("What to do now")).containsText("it hurts");
      page.navigate("/dogs/" + dog + "/session");
      assertThat(wren.button("Begin")).hasCount(0);

      page.navigate("/dogs/" + dog + "/check");
      wren.expectAccessible();
      wren.button("Looked and sniffed: right ear").click();
      wren.button("Looked and sniffed: left ear").click();
      assertThat(wren.button("Save")).isDisabled();
      page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("no").setExact(true))
          .check();
      wren.button("Save").click();
      wren.atPage("Fen: what the check says");

      page.navigate("/");
      assertThat(page.getByText("it hurts")).isHidden();
      page.navigate("/dogs/" + dog + "/session");
      assertThat(wren.button("Begin")).isVisible();
    }
  }

  @Test
  void anEarThatNobodyCouldLookAtIsNeitherWellNorIllAndTakesNothing() {
    try (Person wren = withDog(Person.withPhone(), "\"bornOn\": \"2020-02-02\"")) {
      Page page = wren.page();
      page.navigate("/dogs/" + dog + "/check");
      wren.button("Could not look: right ear").click();
      assertThat(page.getByText("not seen, so it counts as neither well nor ill")).isVisible();
      wren.expectAccessible();
      wren.button("Looked and sniffed: left ear").click();
      wren.button("Save").click();
      wren.atPage("Fen: what the check says");
      assertThat(wren.region("What the check says")).containsText("not seen");

      page.navigate("/dogs/" + dog);
      assertThat(wren.region("right ear")).containsText("Nobody could look into the right ear");
    }
  }
}
