package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** On the narrowest screens, and as an app on the home screen. */
@ExtendWith(RunningDemo.class)
class NarrowIT {
  /** A picture of one pixel. */
  private static final String PNG =
      "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==";

  /** A heading that wraps once its name is known moves about so much, in thousandths. */
  private static final int A_HAIRS_BREADTH = 25;

  @Test
  void nothingScrollsSidewaysAt320Pixels() {
    try (Person warden = Person.atWidth(320)) {
      warden.signInAsWarden();
      Page page = warden.page();
      warden.link("Marram").first().waitFor();
      expectToFit(page);
      warden.open("Marram");
      String dog = page.url();
      expectToFit(page);
      for (String path :
          new String[] {
            dog + "?tab=water",
            dog + "?tab=inside",
            dog + "/edit",
            dog + "/check",
            dog + "/why",
            dog + "/visit",
            "/dogs/new",
            "/month",
            "/doses",
            "/round",
            "/more",
            "/household",
            "/household/week",
            "/household/ways",
            "/trends",
            "/stock",
            "/bench",
            "/learn",
            "/share"
          }) {
        page.navigate(path);
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)).waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        expectToFit(page);
      }
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {390, 1280})
  void nothingJumpsWhenTheAnswersCome(int pixels) {
    try (Person warden = Person.atWidth(pixels)) {
      warden.signInAsWarden();
      warden.open("Marram");
      Page page = warden.page();
      String dog = page.url();
      Slowly.answered(page);
      for (String path :
          new String[] {
            "/",
            dog,
            dog + "/photos",
            dog + "/hand-over",
            "/dogs/new",
            "/household",
            "/stock",
            "/bench"
          }) {
        page.navigate(path);
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)).waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        assertThat(Slowly.moved(page)).as(path).isLessThan(A_HAIRS_BREADTH);
      }
    }
  }

  @Test
  void aMenuOpenedBeforeTheDogHasComeStaysOpen() {
    try (Person warden = Person.withPhone()) {
      warden.signInAsWarden();
      warden.open("Marram");
      Page page = warden.page();
      List<Route> held = new ArrayList<>();
      String dog = page.url().substring(page.url().lastIndexOf('/') + 1);
      page.route(Pattern.compile("/api/households/[^/]+/dogs/" + dog + "$"), held::add);
      page.reload();
      warden.openMenu();
      assertThat(warden.menuItem("Trends")).isVisible();
      assertThat(held).hasSize(1);
      held.get(0).resume();

      // the page behind an open menu is hidden from a screen reader, and drawn all the same
      assertThat(page.locator("[data-mark]").first()).isAttached();
      warden.menuItem("Trends").click();
      warden.atPage("Trends");
    }
  }

  private static void expectToFit(Page page) {
    Object wide = page.evaluate("document.documentElement.scrollWidth - window.innerWidth");
    assertThat(((Number) wide).intValue()).as(page.url()).isLessThanOrEqualTo(0);
  }

  @Test
  void aPhotographThatAnotherAppSharesIsKeptOnceItIsSaidWhoseEarItShows() {
    try (Person wren = Person.withPhone()) {
      wren.register(UUID.randomUUID() + "@test.example");
      UUID dog = new Household(wren).addDog("Fen", "");
      Page page = wren.page();
      page.navigate("/share");
      assertThat(page.getByText("Nothing was shared.")).isVisible();
      page.waitForFunction("() => navigator.serviceWorker.controller !== null");
      page.evaluate(
          """
          async (png) => {
            const bytes = Uint8Array.from(atob(png), (c) => c.charCodeAt(0));
            const form = new FormData();
            form.append('photo', new File([bytes], 'ear.png', { type: 'image/png' }));
            await fetch('/share', { method: 'POST', body: form });
          }""",
          PNG);
      page.navigate("/share");
      assertThat(page.getByAltText("The photograph that was shared")).isVisible();
      wren.expectAccessible();
      wren.tile("Which ear", "left ear");
      wren.button("Keep it").click();

      wren.atPage("Fen: photographs");
      assertThat(page.getByText("left ear").first()).isVisible();
      page.navigate("/share");
      assertThat(page.getByText("Nothing was shared.")).isVisible();
      assertThat(page.request().get("/dogs/" + dog).status()).isEqualTo(200);
    }
  }
}
