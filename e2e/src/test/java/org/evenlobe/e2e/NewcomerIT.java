package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** From an empty household to the second date: the path that every newcomer takes. */
@ExtendWith(RunningDemo.class)
class NewcomerIT {
  private static final DateTimeFormatter LONG =
      DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.UK);

  private static String inDays(int days) {
    return LONG.format(LocalDate.now(ZoneId.of("Europe/London")).plusDays(days));
  }

  @Test
  void addsADogIsToldWhenAndWhyRecordsACleaningAndSeesTheDateMove() {
    try (Person wren = Person.atDesk()) {
      Page page = wren.page();
      wren.register(UUID.randomUUID() + "@test.example");
      assertThat(wren.heading("Begin with a dog")).isVisible();

      page.getByLabel("Name").fill("Fen");
      page.getByLabel("Breed").fill("basset h");
      page.getByRole(AriaRole.OPTION).first().click();
      assertThat(page.getByText("The flap hangs past the jaw, × 2.")).isVisible();
      // 2.0 · 1.52 · 1.1 = 3.35: 8.4 days, and the rung of 7 or 10 that is nearer by ratio
      assertThat(wren.heading("Begin with every 7 days")).isVisible();
      wren.line("Water in the ears");
      page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Water in the ears"))
          .getByText("never")
          .click();
      assertThat(wren.heading("Begin with every 10 days")).isVisible();
      wren.button("Save").click();

      wren.atPage("Fen");
      assertThat(wren.region("What comes next")).containsText("clean both ears" + inDays(0));
      page.keyboard().press("y");
      assertThat(page.getByText("No cleaning of the right ear is on record.")).isVisible();

      wren.menu("Record a cleaning");
      wren.choose("right ear: 2 light");
      wren.choose("left ear: 3 moderate");
      page.getByLabel("Note").fill("took it well");
      wren.button("Save").click();

      assertThat(page.getByText("Recorded.")).isVisible();
      assertThat(wren.region("What comes next")).containsText("clean both ears" + inDays(10));
      page.keyboard().press("y");
      assertThat(
              page.getByText("The right ear was last cleaned today and is planned every 10 days."))
          .isVisible();
      assertThat(page.getByText("took it well")).isVisible();
      wren.expectAccessible();
    }
  }

  @Test
  void keepsWhatWasTypedWhenItIsRefused() {
    try (Person wren = Person.atDesk()) {
      Page page = wren.page();
      wren.register(UUID.randomUUID() + "@test.example");
      page.keyboard().press("n");
      wren.atPage("Add a dog");
      page.getByLabel("Weight today, kg").fill("300");
      wren.line("Born on");
      Locator born = page.getByLabel("Born on", new Page.GetByLabelOptions().setExact(true));
      born.fill("2999-01-01");
      wren.button("Save").click();

      assertThat(page.getByText("What is the dog called?")).isVisible();
      assertThat(page.getByText("A dog weighs from 0.1 to 120 kg.")).isVisible();
      assertThat(page.getByText("This day is still to come.")).isVisible();
      assertThat(page.getByLabel("Weight today, kg")).hasValue("300");

      page.getByLabel("Name").fill("Fen");
      page.getByLabel("Weight today, kg").fill("30");
      born.fill("2020-01-01");
      wren.button("Save").click();
      wren.atPage("Fen");
    }
  }
}
