package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The bench: pour, and see what is in the bottle and whose ears it suits. */
@ExtendWith(RunningDemo.class)
class BenchIT extends InSession {

  private static Locator line(Page page, int number) {
    return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Line " + number));
  }

  @Test
  void aMixIsBuiltByKeyboardAndSuitsAQuietEarButNoSoreOne() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      household.check(dog, 0, 1, "\"redness\": \"MODERATE\"");
      page.navigate("/bench");
      Locator inIt = wren.region("What is in it");
      assertThat(inIt).containsText("acetic acid2.5 %");
      assertThat(inIt).containsText("pH2.57");
      assertThat(wren.button("Fen, right ear: into the ear no, on the pad no")).isVisible();
      assertThat(wren.button("Fen, left ear: into the ear OK, on the pad OK")).isVisible();
      assertThat(wren.region("Whose ears it suits"))
          .containsText("A home mix is for a quiet ear, and this one is not.");
      wren.expectAccessible();

      line(page, 1).getByLabel("Amount").focus();
      page.keyboard().press("Control+a");
      page.keyboard().type("120");
      assertThat(inIt).containsText("acetic acid3.33 %");
      assertThat(wren.button("Fen, left ear: into the ear with care, on the pad with care"))
          .isVisible();
      wren.button("Pour something").focus();
      page.keyboard().press("Enter");
      line(page, 3).getByLabel("What").selectOption("boric-acid");
      line(page, 3).getByLabel("Amount").fill("20");
      assertThat(inIt).containsText("stay as grit, and grit scratches");
      assertThat(page.getByRole(AriaRole.IMG).first())
          .hasAttribute("aria-label", Pattern.compile("of grit on the floor"));
      assertThat(wren.button("Fen, left ear: into the ear no, on the pad no")).isVisible();

      wren.button("The nearest that suits this ear").click();
      assertThat(wren.region("Whose ears it suits"))
          .containsText("No mix of these suits this ear.");
      wren.button("Fen, left ear: into the ear no, on the pad no").click();
      wren.button("The nearest that suits this ear").click();
      assertThat(wren.region("Whose ears it suits"))
          .containsText("of boric acid powder instead of 20.");
      page.reload();
      assertThat(line(page, 3).getByLabel("Amount")).hasValue("20");
      wren.button("Fen, left ear: into the ear no, on the pad no").click();
      wren.button("The nearest that suits this ear").click();
      wren.button("Take it").click();
      assertThat(wren.button("Fen, left ear: into the ear OK, on the pad OK")).isVisible();
      assertThat(inIt).not().containsText("grit");
      wren.button("Take out Boric acid powder").click();
      assertThat(inIt).not().containsText("boric acid");
    }
  }

  @Test
  void aRecipeOfASchoolIsPouredAndWhereTheRulesSpeakAgainstItTheNearest() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.navigate("/bench");
      wren.button("Pour it: Diluted vinegar").click();
      assertThat(wren.region("What is in it")).containsText("acetic acid2.27 %");
      wren.button("Pour it: Vinegar with coconut oil").click();
      assertThat(wren.region("What is in it")).containsText("Oil and water part");
      wren.button("The nearest that suits: Vinegar with coconut oil").click();
      assertThat(wren.region("What is in it")).containsText("acetic acid2.5 %");
      assertThat(wren.button("Fen, left ear: into the ear OK, on the pad OK")).isVisible();
    }
  }

  @Test
  void whatMustNotMeetIsSaidAndWhatCannotBeIsRefusedByName() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      page.navigate("/bench?in=white-vinegar*50*MILLILITRE&in=peroxide*50*MILLILITRE");
      assertThat(wren.region("What is in it")).containsText("peracetic acid");
      assertThat(wren.button("Fen, left ear: into the ear no, on the pad no")).isVisible();
      wren.expectAccessible();
      line(page, 1).getByLabel("Amount").fill("900000");
      assertThat(page.getByText("Line 1 must be").first()).isVisible();
      line(page, 1).getByLabel("Amount").fill("1/2");
      assertThat(wren.region("What is in it")).containsText("acetic acid");
    }
  }
}
