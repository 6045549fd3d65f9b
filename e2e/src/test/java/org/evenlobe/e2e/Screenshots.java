package org.evenlobe.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.ScreenshotAnimations;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * Takes the pictures in docs/screenshots from a running demo: {@code bin/screenshots}.
 *
 * <p>Arguments: the address, the folder, and optionally the only picture to take.
 */
public final class Screenshots {
  private static final String EMAIL = "warden@marsh.example";
  private static final String PASSWORD = "saltmarsh-at-dawn";

  private static final int LABEL_DPI = 150;

  private final String address;
  private final Path folder;
  private final String only;

  private Screenshots(String address, Path folder, String only) {
    this.address = address;
    this.folder = folder;
    this.only = only;
  }

  public static void main(String[] arguments) {
    String only = arguments.length > 2 ? arguments[2] : "";
    new Screenshots(arguments[0], Path.of(arguments[1]), only).take();
  }

  private void take() {
    try (Chromium chromium = new Chromium()) {
      if (!only.startsWith("session")) {
        desktop(chromium.browser(), ColorScheme.LIGHT, "");
        desktop(chromium.browser(), ColorScheme.DARK, "-dark");
        phone(chromium.browser());
      }
      session(chromium.browser());
    }
  }

  /** A whole session: this records checks, and a cleaning. */
  private void session(Browser browser) {
    try (BrowserContext context = context(browser, 1280, 800, ColorScheme.LIGHT)) {
      Page page = context.newPage();
      page.navigate("/sign-in");
      signIn(page);
      openDog(page, "Teasel");
      tab(page, "How it is done");
      scrollTo(page, "Trust ladder");
      shootBoth(page, "session-ladder");
      menu(page, "Edit");
      page.getByText("Begin with every").waitFor();
      scrollTo(page, "Handling");
      shootBoth(page, "session-handling");
      page.navigate("/household/ways");
      page.getByText("The rest as usual").click();
      shootBoth(page, "session-schools");
      page.navigate("/");
      openDog(page, "Teasel");
      tab(page, "How it is done");
      page.getByRole(AriaRole.LINK, named("Practise, three minutes")).click();
      page.getByText(Pattern.compile("[Ss]tep [1-6]")).first().waitFor();
      shootBoth(page, "practice-start");
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Begin")).click();
      step(page);
      shootBoth(page, "practice");
      page.navigate("/stock");
      page.getByText("Cotton pads").first().waitFor();
      shootBoth(page, "stock");
      scrollTo(page, "Side by side");
      shootBoth(page, "compare");
      page.navigate(
          "/bench?in=white-vinegar*4*TABLESPOON&in=water*3*TABLESPOON&in=witch-hazel*1*TABLESPOON"
              + "&in=boric-acid*1*TEASPOON");
      page.getByText("Whose ears it suits today").first().waitFor();
      shootBoth(page, "bench");
      scrollTo(page, "What the schools mix");
      page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Make it")).click();
      page.getByLabel("Steps").waitFor();
      shootBoth(page, "make");
      page.navigate("/doses");
      page.getByText("Today, all dogs").waitFor();
      shootBoth(page, "doses");
      page.navigate("/");
      openDog(page, "Marram");
      menu(page, "Courses");
      page.getByText("Every dose").waitFor();
      shootBoth(page, "course");
      page.navigate("/");
      openDog(page, "Teasel");
      menu(page, "Courses");
      page.getByText("clean days, done on").waitFor();
      shootBoth(page, "trial");
      lookBack(page);
      page.navigate("/");
      openDog(page, "Dunlin");
      page.keyboard().press("k");
      for (String ear : new String[] {"right ear", "left ear"}) {
        tile(page, "Discharge, " + ear, "1 mild");
        tile(page, "Kind of discharge, " + ear, "tan wax");
        page.getByRole(AriaRole.BUTTON, named("Looked and sniffed: " + ear)).click();
      }
      page.getByRole(AriaRole.BUTTON, named("Save")).click();
      page.getByText("Recorded.").waitFor();
      openDogByPath(page, "Dunlin");
      page.keyboard().press("c");
      page.getByText("Which ears").waitFor();
      shootBoth(page, "session-start");
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Begin")).click();
      shootBoth(page, "session-kit");
      step(page);
      shootBoth(page, "session-position");
      walkTo(page, "Fill");
      shootBoth(page, "session-fill");
      walkTo(page, "Massage");
      shootBoth(page, "session-massage");
      walkTo(page, "Wipe");
      for (int wipe = 0; wipe < 3; wipe++) {
        page.keyboard().press("w");
      }
      shootBoth(page, "session-wipe");
      walkTo(page, "What came out");
      sayWhatCameOut(page);
      shootBoth(page, "session-load");
      walkTo(page, "How did it take it?");
      page.getByRole(AriaRole.RADIO, named("calm")).check();
      page.getByRole(AriaRole.BUTTON, named("To the summary")).click();
      shootBoth(page, "session-summary");
      page.getByRole(AriaRole.BUTTON, named("Save")).click();
      page.getByText("Learned for next time").waitFor();
      shootBoth(page, "session-outcome");
      page.navigate("/");
      openDog(page, "Otter");
      page.keyboard().press("c");
      page.getByText("Which ears").waitFor();
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Begin")).click();
      step(page);
      step(page);
      tile(page, "Redness, right ear", "1 mild");
      shootBoth(page, "session-check");
      page.navigate("/");
      openDog(page, "Sedge");
      page.keyboard().press("k");
      tile(page, "a smell, left ear", "it is there now");
      tile(page, "Odour, right ear", "foul odour");
      tile(page, "Odour, left ear", "foul odour");
      page.getByRole(AriaRole.BUTTON, named("Looked and sniffed: right ear")).click();
      page.getByRole(AriaRole.BUTTON, named("Looked and sniffed: left ear")).click();
      page.getByRole(AriaRole.BUTTON, named("Save")).click();
      page.getByText("Recorded.").waitFor();
      openDogByPath(page, "Sedge");
      page.keyboard().press("c");
      page.getByText("Stop: nothing goes in today").waitFor();
      shootBoth(page, "session-stop");
    }
  }

  private static void scrollTo(Page page, String heading) {
    page.getByText(heading, new Page.GetByTextOptions().setExact(true))
        .first()
        .evaluate("one => one.scrollIntoView()");
  }

  private static void menu(Page page, String item) {
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^More of ")))
        .click();
    page.getByRole(AriaRole.MENUITEM, named(item)).click();
  }

  private static void tab(Page page, String name) {
    page.getByRole(AriaRole.TAB, named(name)).click();
  }

  /** Presses the one large target of a step. */
  private static void step(Page page) {
    page.locator("[aria-keyshortcuts=Space]").click();
  }

  /** Goes on to the step with such a title, and says on the way what the steps ask for. */
  private static void walkTo(Page page, String title) {
    Locator heading =
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2)).first();
    while (!heading.innerText().startsWith(title)) {
      String before = page.title();
      if (page.locator("[aria-keyshortcuts=Space][aria-disabled=true]").count() > 0) {
        sayWhatCameOut(page);
      }
      step(page);
      PlaywrightAssertions.assertThat(page).not().hasTitle(before);
    }
  }

  private static void sayWhatCameOut(Page page) {
    page.keyboard().press("2");
    page.getByRole(AriaRole.RADIO, named("tan wax")).check();
  }

  private static void openDogByPath(Page page, String dog) {
    page.navigate("/");
    openDog(page, dog);
  }

  /** What a record shows, its pictures, what a vet is given, and the rules. */
  private void lookBack(Page page) {
    page.navigate("/");
    openDog(page, "Otter");
    menu(page, "Trends");
    page.getByText("flares began").first().waitFor();
    shootBoth(page, "trends");
    page.navigate("/");
    openDog(page, "Marram");
    menu(page, "Photographs");
    Locator tiles =
        page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Compare ")));
    tiles.last().click();
    page.getByText("measures the picture").first().waitFor();
    shootBoth(page, "photos");
    page.navigate("/");
    openDog(page, "Marram");
    menu(page, "For the vet");
    page.getByLabel("What do you want to know?").fill("Is it well enough to swim next week?");
    pdf(
        page,
        page.getByRole(AriaRole.LINK, named("Open the pages (PDF)")).getAttribute("href"),
        "vet");
    page.navigate("/learn");
    page.getByText("Redness").first().waitFor();
    shootBoth(page, "learn");
    page.navigate("/rulebook");
    page.getByLabel("Search the rules").fill("interval");
    shootBoth(page, "rulebook");
  }

  private void pdf(Page page, String path, String name) {
    try (PDDocument file = Loader.loadPDF(page.request().get(address + path).body())) {
      ImageIO.write(
          new PDFRenderer(file).renderImageWithDPI(0, LABEL_DPI),
          "png",
          folder.resolve(name + ".png").toFile());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void shootBoth(Page page, String name) {
    shoot(page, name);
    page.setViewportSize(390, 844);
    shoot(page, name + "-phone");
    page.setViewportSize(1280, 800);
  }

  private void desktop(Browser browser, ColorScheme scheme, String suffix) {
    try (BrowserContext context = context(browser, 1280, 800, scheme)) {
      Page page = context.newPage();
      page.navigate("/sign-in");
      shoot(page, "sign-in" + suffix);
      signIn(page);
      shoot(page, "today" + suffix);
      openDog(page, "Marram");
      shoot(page, "dog" + suffix);
      page.getByRole(AriaRole.LINK, named("Every date, and what if")).click();
      page.getByRole(AriaRole.HEADING, named("As it is")).waitFor();
      shoot(page, "why" + suffix);
      page.navigate("/");
      openDog(page, "Dunlin");
      page.getByRole(AriaRole.LINK, named("Every date, and what if")).click();
      page.getByRole(AriaRole.HEADING, named("As it is")).waitFor();
      page.getByLabel("The flap").selectOption("stands up");
      page.getByLabel("Cleaned today, load").selectOption("heavy");
      page.getByLabel("Water").selectOption("most days");
      page.getByText("cleanings in 60 days").waitFor();
      page.waitForTimeout(500);
      scrollTo(page, "What if…");
      shoot(page, "what-if" + suffix);
      page.navigate("/month");
      page.getByText("A drop is a cleaning").waitFor();
      shoot(page, "month" + suffix);
      page.navigate("/");
      openDog(page, "Otter");
      tab(page, "Water");
      scrollTo(page, "Days to note");
      shoot(page, "water" + suffix);
      page.navigate("/");
      openDog(page, "Marram");
      menu(page, "Edit");
      page.getByText("Begin with every").waitFor();
      shoot(page, "dog-form" + suffix);
      page.navigate("/");
      openDog(page, "Otter");
      menu(page, "Record a cleaning");
      recordLoads(page);
      shoot(page, "clean" + suffix);
      page.navigate("/");
      openDog(page, "Dunlin");
      page.keyboard().press("k");
      page.getByText("Leave both ears alone.").waitFor();
      shoot(page, "check-begun" + suffix);
      gradeLeftEar(page);
      shoot(page, "check" + suffix);
      openLatestCheck(page, "Marram");
      shoot(page, "checks" + suffix);
      page.getByRole(AriaRole.LINK, named(inDemo(13))).click();
      page.getByText("What to tell the vet").waitFor();
      shoot(page, "verdict" + suffix);
      page.getByRole(AriaRole.LINK, named("To Marram")).click();
      tab(page, "Visits");
      page.getByRole(AriaRole.LINK, named("Visits to the vet, on a page of their own")).click();
      page.getByText("many round bacteria").waitFor();
      shoot(page, "visits" + suffix);
      page.getByRole(AriaRole.LINK, named("Record a visit")).click();
      page.getByText("clean it …").first().click();
      shoot(page, "visit" + suffix);
      page.navigate("/household");
      page.getByText("Who shares it").waitFor();
      shoot(page, "household" + suffix);
      page.navigate("/household/week");
      page.getByText("Your week").first().waitFor();
      shoot(page, "week" + suffix);
      page.navigate("/");
      openDog(page, "Otter");
      tab(page, "Inside the ear");
      page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("canal")).waitFor();
      page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Head tipped")).focus();
      page.keyboard().press("PageUp");
      page.keyboard().press("PageUp");
      page.getByText("Tipped by 20 degrees").waitFor();
      page.evaluate("document.querySelector('[aria-label=\"Inside this ear\"]').scrollIntoView()");
      shoot(page, "canal" + suffix);
    }
  }

  private void phone(Browser browser) {
    try (BrowserContext context = context(browser, 390, 844, ColorScheme.LIGHT)) {
      Page page = context.newPage();
      page.navigate("/sign-in");
      signIn(page);
      shoot(page, "today-phone");
      page.navigate("/month");
      page.getByRole(AriaRole.HEADING, named("Month")).waitFor();
      shoot(page, "month-phone");
      page.navigate("/dogs/new");
      page.getByLabel("Name").fill("Rill");
      page.getByLabel("Breed").fill("english springer");
      page.getByRole(AriaRole.LISTBOX).getByRole(AriaRole.OPTION).first().click();
      shoot(page, "add-phone");
      page.navigate("/round");
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Begin")).click();
      for (String ear : new String[] {"right", "left"}) {
        page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile(ear + " ear is as usual")))
            .click();
      }
      page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("1 trace"))
          .first()
          .click();
      shoot(page, "round-phone");
      page.navigate("/");
      openDog(page, "Marram");
      shoot(page, "dog-phone");
      page.getByRole(AriaRole.LINK, named("Every date, and what if")).click();
      page.getByRole(AriaRole.HEADING, named("As it is")).waitFor();
      shoot(page, "why-phone");
      page.goBack();
      menu(page, "Record a cleaning");
      recordLoads(page);
      shoot(page, "clean-phone");
      page.navigate("/");
      openDog(page, "Dunlin");
      page.getByRole(AriaRole.LINK, named("Check")).click();
      page.getByText("Leave both ears alone.").waitFor();
      shoot(page, "check-phone");
      openLatestCheck(page, "Marram");
      shoot(page, "checks-phone");
      page.getByRole(AriaRole.LINK, named(inDemo(13))).click();
      page.getByText("What to tell the vet").waitFor();
      shoot(page, "verdict-phone");
    }
  }

  private static void recordLoads(Page page) {
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("right ear: 2 light"))
        .click();
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("left ear: 3 moderate"))
        .click();
  }

  private static void gradeLeftEar(Page page) {
    tile(page, "Redness, left ear", "2 moderate");
    tile(page, "Discharge, left ear", "2 moderate");
    tile(page, "Kind of discharge, left ear", "brown");
    tile(page, "Odour, left ear", "sweet odour");
    page.getByText("Wipe only what you can see of the left ear").waitFor();
    page.evaluate("window.scrollTo(0, 0)");
  }

  private static void tile(Page page, String group, String name) {
    page.getByRole(AriaRole.RADIOGROUP, named(group))
        .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName(name))
        .check();
  }

  private static void openLatestCheck(Page page, String dog) {
    page.navigate("/");
    openDog(page, dog);
    tab(page, "Checks");
    page.getByRole(AriaRole.LINK, named("All checks, compare two")).click();
    page.getByText("Pick two to compare them.").waitFor();
  }

  /** The date of so many days ago, as lists show it. */
  private static String inDemo(int daysAgo) {
    return LocalDate.now(ZoneId.of("Europe/London"))
        .minusDays(daysAgo)
        .format(DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK));
  }

  private static void openDog(Page page, String name) {
    page.getByRole(AriaRole.LINK, named(name)).click();
    page.getByRole(AriaRole.HEADING, named(name).setLevel(1)).waitFor();
    page.getByRole(AriaRole.TAB).first().waitFor();
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  private void signIn(Page page) {
    page.getByLabel("E-mail").fill(EMAIL);
    page.getByLabel("Password").fill(PASSWORD);
    page.getByRole(AriaRole.BUTTON, named("Sign in")).click();
    page.getByRole(AriaRole.HEADING, named("Today")).waitFor();
    page.getByText("Coming up").waitFor();
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  private BrowserContext context(Browser browser, int width, int height, ColorScheme scheme) {
    return browser.newContext(
        new Browser.NewContextOptions()
            .setViewportSize(width, height)
            .setBaseURL(address)
            .setLocale("en-GB")
            .setTimezoneId("Europe/London")
            .setColorScheme(scheme));
  }

  private void shoot(Page page, String name) {
    if (!only.isEmpty() && !name.matches(only)) {
      return;
    }
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.evaluate("document.fonts.ready");
    page.screenshot(
        new Page.ScreenshotOptions()
            .setPath(folder.resolve(name + ".png"))
            .setAnimations(ScreenshotAnimations.DISABLED));
  }
}
