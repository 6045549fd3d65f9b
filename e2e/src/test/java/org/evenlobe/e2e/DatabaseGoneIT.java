package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The database goes away under somebody's page, and comes back. */
@ExtendWith(RunningDemo.class)
class DatabaseGoneIT {
  private static final double PATIENCE = 30_000;

  @Test
  void thePageSaysSoAndGoesOnByItself() {
    try (Person wren = Person.atDesk()) {
      wren.register(UUID.randomUUID() + "@test.example");
      wren.link("Add a dog").first().waitFor();
      Locator notice = wren.page().getByText("The records cannot be reached just now");

      RunningDemo.database("stop");
      try {
        assertThat(notice.first())
            .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(PATIENCE));
        wren.page().reload();
        assertThat(wren.page().getByText("tried again by itself").first())
            .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(PATIENCE));
      } finally {
        RunningDemo.database("start");
      }

      assertThat(wren.page().getByText("tried again by itself"))
          .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(PATIENCE));
      assertThat(wren.heading("Today")).isVisible();
      wren.expectUnanswered();
    }
  }
}
