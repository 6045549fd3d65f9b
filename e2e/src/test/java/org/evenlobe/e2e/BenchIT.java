package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
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
          .containsText("of boric acid powder instead of 20 g.");
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
      wren.line("Diluted vinegar");
      wren.button("Pour it: Diluted vinegar").click();
      assertThat(wren.region("What is in it")).containsText("acetic acid2.27 %");
      wren.line("Vinegar with coconut oil");
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

  @Test
  void aBatchIsMadeCleanedWithAndDrawnDownAndItsLabelSaysWhatIsInIt() throws IOException {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      household.checkQuiet(dog);
      page.navigate(
          "/bench?in=white-vinegar*60*MILLILITRE&in=water*60*MILLILITRE&in=boric-acid*2*GRAM");
      page.getByLabel("Keep what is poured as").fill("Marsh rinse");
      page.keyboard().press("Enter");
      wren.button("Pour Marsh rinse").click();
      wren.link("Make it").click();
      assertThat(page.getByLabel("Steps"))
          .containsText("3. Weigh in 2 g of boric acid powder and stir until it is clear");
      wren.button("Weigh it in: step 3").click();
      assertThat(page.getByRole(AriaRole.STATUS).filter(has("g more."))).isVisible();
      wren.expectAccessible();
      page.getByLabel("What you call it").fill("Sunday rinse");
      wren.button("It is made").click();
      Locator print = wren.link("Label to print (PDF)");
      byte[] label = page.request().get(print.getAttribute("href")).body();
      assertThat(new PDFTextStripper().getText(Loader.loadPDF(label)).replaceAll("\\s+", " "))
          .contains("Sunday rinse")
          .contains("White vinegar: 60 mL")
          .contains("Fen, both ears")
          .contains("do not make it vomit");

      page.navigate("/dogs/" + dog + "/session?ears=RIGHT");
      wren.button("Begin").click();
      page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Sunday rinse")).check();
      goOn(wren, 3);
      for (int half = 0; half < 2; half++) {
        wren.button("Half a millilitre more").click();
      }
      press(wren, "Space", "Space", "Space", "w", "Space", "Space", "2", "Space", "Space", "0");
      press(wren, "Space");
      wren.button("Save").click();
      page.getByText("Learned for next time").waitFor();
      page.navigate("/stock");
      assertThat(wren.region("Sunday rinse")).containsText("110 of 120 mL");
    }
  }

  @Test
  void fromTargetsComesWhatToPourAndWhyNotAllOfIt() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      page.navigate("/bench");
      Locator aim = wren.region("The other way round");
      aim.getByLabel("from %").fill("6");
      aim.getByLabel("to %").fill("6");
      wren.button("Work it out").click();
      assertThat(aim).containsText("with these more than 5 % is not to be had");
      aim.getByLabel("from %").fill("2");
      aim.getByLabel("to %").fill("");
      wren.button("Work it out").click();
      assertThat(aim).containsText("All of it is met: 48 mL White vinegar, 72 mL Water");
      wren.expectAccessible();
      wren.button("Pour that").click();
      assertThat(wren.region("What is in it")).containsText("acetic acid2 %");
    }
  }

  @Test
  void whatADogReactedToIsNotOfferedAgain() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      household.checkQuiet(dog);
      household.addBottle("The green bottle");
      page.navigate("/dogs/" + dog);
      wren.button("Note a reaction").click();
      page.getByLabel("To what").selectOption("The green bottle");
      wren.expectAccessible();
      wren.button("Save").click();
      assertThat(wren.region("Reactions")).containsText("The green bottle: it stung");
      page.navigate("/dogs/" + dog + "/session?ears=RIGHT");
      wren.button("Begin").click();
      Locator bottle =
          page.getByRole(
              AriaRole.RADIO, new Page.GetByRoleOptions().setName("The green bottle: no"));
      assertThat(bottle).not().isChecked();
      bottle.check();
      goOn(wren, 3);
      assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("Not The green bottle.");
    }
  }

  private static Locator.FilterOptions has(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }
}
