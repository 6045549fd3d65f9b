package org.evenlobe.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;

/**
 * What the screens of a running demo cost a person: how long each page is, where its first button
 * stands, and how many taps the usual work takes. Prints figures, asserts nothing: {@code bin/bench
 * screens}.
 *
 * <p>Arguments: the address.
 */
public final class Screens {
  private static final int MOST_TAPS = 200;

  private static final int DOGS = 20;

  private final String address;
  private int taps;

  private Screens(String address) {
    this.address = address;
  }

  public static void main(String[] arguments) {
    new Screens(arguments[0]).print();
  }

  private void print() {
    try (Chromium chromium = new Chromium()) {
      heights(chromium.browser());
      firstDog(chromium.browser());
      twentyDogs(chromium.browser());
    }
  }

  private void heights(Browser browser) {
    Map<String, int[]> pages = new LinkedHashMap<>();
    int[][] sizes = {{1280, 800}, {390, 844}};
    for (int place = 0; place < sizes.length; place++) {
      try (BrowserContext context = context(browser, sizes[place][0], sizes[place][1])) {
        Page page = context.newPage();
        Slowly.answered(page);
        page.navigate("/sign-in");
        page.getByLabel("E-mail").fill("warden@marsh.example");
        page.getByLabel("Password").fill("saltmarsh-at-dawn");
        button(page, "Sign in").click();
        page.getByText("Coming up").waitFor();
        measure(page, "Today", place, pages);
        page.getByRole(AriaRole.LINK, named("Marram")).click();
        page.getByRole(AriaRole.TAB).first().waitFor();
        String dog = page.url().substring(address.length());
        measure(page, "A dog", place, pages);
        for (String path :
            new String[] {
              dog + "/edit",
              dog + "/check",
              dog + "/why",
              "/dogs/new",
              "/household",
              "/month",
              "/doses",
              "/trends",
              "/stock",
              "/bench"
            }) {
          page.navigate(path);
          page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)).waitFor();
          measure(page, path.replace(dog, "/dogs/…"), place, pages);
        }
      }
    }
    System.out.println(
        "Pixels: height of a page, where its first main button stands, and what moved while the"
            + " answers came, in thousandths of the window");
    System.out.printf("  %-18s %28s %28s%n", "", "1280x800", "390x844");
    pages.forEach(
        (name, one) ->
            System.out.printf(
                "  %-18s %10d %11s %5d %10d %11s %5d%n",
                name, one[0], at(one[1]), one[2], one[3], at(one[4]), one[5]));
  }

  private static String at(int pixel) {
    return pixel < 0 ? "none" : "at " + pixel;
  }

  private static void measure(Page page, String name, int place, Map<String, int[]> pages) {
    page.waitForLoadState(LoadState.NETWORKIDLE);
    int[] one = pages.computeIfAbsent(name, none -> new int[6]);
    one[3 * place] =
        ((Number) page.evaluate("() => document.documentElement.scrollHeight")).intValue();
    Locator first = page.locator("main .MuiButton-contained").first();
    one[3 * place + 1] =
        first.count() == 0 || first.boundingBox() == null ? -1 : (int) first.boundingBox().y;
    one[3 * place + 2] = Slowly.moved(page);
  }

  private void firstDog(Browser browser) {
    try (BrowserContext context = context(browser, 390, 844)) {
      Page page = registered(context);
      taps = 0;
      // the first screen of an empty household asks
      page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Fen");
      tap(button(page, "Save"));
      page.getByRole(AriaRole.HEADING, named("Fen").setLevel(1)).waitFor();
      System.out.printf("A first dog: %d taps beside what is typed%n", taps);
    }
  }

  private void twentyDogs(Browser browser) {
    try (BrowserContext context = context(browser, 390, 844)) {
      Page page = registered(context);
      Household household = new Household(page);
      for (int dog = 1; dog <= DOGS; dog++) {
        UUID id = household.addDog("Dog " + dog, "\"ways\": {\"method\": \"WIPE\"}");
        household.clean(id, 40);
        household.check(id, 9, dog, "\"redness\": \"NONE\"");
      }
      taps = 0;
      guided(page, "Dog 1");
      System.out.printf(
          "A quiet dog that is wiped, from Today and back, led through each step: %d taps,"
              + " %d for %d dogs%n",
          taps, taps * DOGS, DOGS);
      taps = 0;
      round(page, DOGS - 1);
      System.out.printf(
          "The same in a round, from Today and back: %d taps for %d dogs%n", taps, DOGS - 1);
    }
  }

  private void round(Page page, int dogs) {
    tap(page.getByRole(AriaRole.LINK, named("Round of " + dogs + " dogs")));
    tap(
        page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Begin"))));
    for (int dog = 0; dog < dogs; dog++) {
      for (String ear : new String[] {"right", "left"}) {
        tap(
            page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile(ear + " ear is as usual"))));
      }
      Locator loads =
          page.getByRole(
              AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("1 trace")));
      tap(loads.nth(0));
      tap(loads.nth(1));
      tap(page.getByRole(AriaRole.RADIO, named("calm")));
      tap(page.locator("[aria-keyshortcuts=Space]"));
    }
    tap(button(page, "To Today"));
  }

  private void guided(Page page, String name) {
    page.navigate("/");
    tap(page.getByRole(AriaRole.LINK, named(name)).first());
    tap(page.getByRole(AriaRole.LINK, named("Clean the ears of " + name)));
    tap(button(page, "Begin"));
    for (int steps = 0; steps < MOST_TAPS; steps++) {
      Locator looked =
          page.getByRole(
              AriaRole.BUTTON,
              new Page.GetByRoleOptions().setName(Pattern.compile("^Looked and sniffed")));
      if (looked.count() > 0) {
        grade(page);
        tap(looked.nth(0));
        tap(looked.nth(1));
        tap(button(page, "Keep it and go on"));
        continue;
      }
      if (page.getByRole(AriaRole.RADIO, named("calm")).count() > 0) {
        tap(page.getByRole(AriaRole.RADIO, named("calm")));
        tap(button(page, "To the summary"));
        tap(button(page, "Save"));
        tap(page.getByRole(AriaRole.LINK, named("Back to Today")));
        return;
      }
      Locator load =
          page.getByRole(
              AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("1 trace")));
      if (load.count() > 0) {
        tap(load);
      }
      String before = page.title();
      tap(page.locator("[aria-keyshortcuts=Space]"));
      page.waitForFunction("before => document.title !== before", before);
    }
  }

  /** Signs that nothing is known of yet are said one by one. */
  private void grade(Page page) {
    if (page.getByText("Nothing is filled in").count() == 0) {
      return;
    }
    for (Locator group :
        page.getByRole(
                AriaRole.RADIOGROUP,
                new Page.GetByRoleOptions()
                    .setName(Pattern.compile("^(Redness|Swelling|Sores|Discharge|Odour|Pain), ")))
            .all()) {
      tap(group.getByRole(AriaRole.RADIO).first());
    }
  }

  private void tap(Locator target) {
    target.click();
    taps++;
  }

  private static Page registered(BrowserContext context) {
    Page page = context.newPage();
    page.navigate("/register");
    page.getByLabel("Your name").fill("Wren");
    page.getByLabel("Household").fill("Saltings");
    page.getByLabel("E-mail").fill(UUID.randomUUID() + "@test.example");
    page.getByLabel("Password").fill("a long enough secret");
    button(page, "Make an account").click();
    page.getByRole(AriaRole.HEADING, named("Today")).waitFor();
    return page;
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, named(name));
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  private BrowserContext context(Browser browser, int width, int height) {
    return browser.newContext(
        new Browser.NewContextOptions()
            .setViewportSize(width, height)
            .setBaseURL(address)
            .setLocale("en-GB")
            .setTimezoneId("Europe/London"));
  }
}
