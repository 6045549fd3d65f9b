package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What is in the house, and what sessions take from it. */
@ExtendWith(RunningDemo.class)
class StockIT extends InSession {

  @Test
  void aBottleIsCountedAndDrawnDown() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.navigate("/stock");
      wren.button("Add a bottle or pack").click();
      page.getByLabel("Name").fill("The green bottle");
      page.getByLabel("Left now, mL").fill("300");
      wren.button("Save").click();
      assertThat(page.getByText("That is more than a full one holds.")).isVisible();
      page.getByLabel("Left now, mL").fill("100");
      wren.button("Save").click();
      assertThat(wren.region("The green bottle")).containsText("100 of 250 mL");

      household.checkQuiet(dog);
      page.navigate("/dogs/" + dog + "/session?ears=RIGHT");
      wren.button("Begin").click();
      page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("The green bottle"))
          .check();
      goOn(wren, 3);
      for (int half = 0; half < 2; half++) {
        wren.button("Half a millilitre more").click();
      }
      press(wren, "Space", "Space", "Space", "w", "Space", "Space", "2", "Space", "Space", "0");
      press(wren, "Space");
      wren.button("Save").click();
      page.getByText("Learned for next time").waitFor();
      page.navigate("/stock");
      assertThat(wren.region("The green bottle")).containsText("90 of 250 mL");
      assertThat(wren.region("Shopping list")).containsText("Wipes:");
    }
  }
}
