package org.evenlobe.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Somebody at a browser of their own, with what a person does again and again. */
final class Person implements AutoCloseable {
  private final BrowserContext context;
  private final Page page;
  private final List<String> problems = new ArrayList<>();
  private final List<String> foreign = new ArrayList<>();
  private boolean noNetwork;

  static {
    // a busy machine is no fault of the page; where a time is part of the rule, the test says it
    PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
  }

  /** At a desk. */
  static Person atDesk() {
    return atDesk(RunningDemo.demo().address());
  }

  /** At a desk, with another server process. */
  static Person atDesk(String address) {
    return new Person(1280, 800, address);
  }

  /** With a phone. */
  static Person withPhone() {
    return new Person(390, 844, RunningDemo.demo().address());
  }

  /** With a phone, with another server process. */
  static Person withPhone(String address) {
    return new Person(390, 844, address);
  }

  /** At a screen of so many pixels across; half of them where all is drawn at twice its size. */
  static Person atWidth(int pixels) {
    return new Person(pixels, 640, RunningDemo.demo().address());
  }

  private Person(int width, int height, String address) {
    context =
        RunningDemo.browser()
            .newContext(
                new Browser.NewContextOptions()
                    .setViewportSize(width, height)
                    .setBaseURL(address)
                    // else axe may look at a colour half way between two
                    .setReducedMotion(ReducedMotion.REDUCE)
                    .setLocale("en-GB")
                    .setTimezoneId("Europe/London"));
    page = context.newPage();
    page.onPageError(problems::add);
    page.onConsoleMessage(
        message -> {
          // a refusal that the page shows in words is no fault of the page
          boolean refusal = message.text().contains("status of 4");
          boolean cut =
              noNetwork
                  && message
                      .text()
                      .matches(
                          ".*ERR_(INTERNET_DISCONNECTED|CONNECTION_REFUSED|CONNECTION_RESET|EMPTY_RESPONSE|SOCKET_NOT_CONNECTED|CONNECTION_CLOSED).*");
          if ("error".equals(message.type()) && !refusal && !cut) {
            problems.add(message.text());
          }
        });
    page.onRequest(
        request -> {
          if (!request.url().replaceFirst("^blob:", "").startsWith(address)
              && !request.url().startsWith("data:")) {
            foreign.add(request.url());
          }
        });
  }

  Page page() {
    return page;
  }

  /** From now on the browser may say that there is no network. */
  void expectsNoNetwork() {
    noNetwork = true;
  }

  void signInAsWarden() {
    signIn(RunningDemo.demo().email(), RunningDemo.demo().password());
  }

  void signIn(String email, String password) {
    page.navigate("/");
    page.getByLabel("E-mail").fill(email);
    page.getByLabel("Password").fill(password);
    button("Sign in").click();
    heading("Today").waitFor();
  }

  void register(String email) {
    page.navigate("/register");
    page.getByLabel("Your name").fill("Wren");
    page.getByLabel("Household").fill("Saltings");
    page.getByLabel("E-mail").fill(email);
    page.getByLabel("Password").fill("a long enough secret");
    button("Make an account").click();
    heading("Today").waitFor();
  }

  void open(String dog) {
    link(dog).click();
    atPage(dog);
  }

  /** Waits for the page of that title. */
  void atPage(String title) {
    page.getByRole(
            AriaRole.HEADING, new Page.GetByRoleOptions().setName(title).setExact(true).setLevel(1))
        .waitFor();
  }

  /** A part of the page by its name. */
  Locator region(String name) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** Adds a dog of no particular breed. */
  void addDog(String name) {
    page.navigate("/dogs/new");
    page.getByLabel("Name").fill(name);
    button("Save").click();
    atPage(name);
  }

  /** Chooses a tile of a group, as "Odour, right ear" and "foul odour". */
  void tile(String group, String tile) {
    page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName(group).setExact(true))
        .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName(tile))
        .check();
  }

  /** Goes to a place of the rail; on a phone, to one that may stand under More. */
  void go(String place) {
    if (link("More").isVisible() && !link(place).first().isVisible()) {
      link("More").click();
      page.getByRole(AriaRole.MAIN)
          .getByRole(
              AriaRole.LINK,
              new Locator.GetByRoleOptions().setName(Pattern.compile("^" + place + " ")))
          .click();
    } else {
      link(place).first().click();
    }
  }

  /** Goes on from a dog's page to what stands in its menu. */
  void menu(String item) {
    openMenu();
    menuItem(item).click();
  }

  /** Opens the menu of a dog's page. */
  void openMenu() {
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^More of ")))
        .click();
  }

  Locator menuItem(String item) {
    return page.getByRole(
        AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item).setExact(true));
  }

  /** Opens one of the tabs of a dog's page. */
  void tab(String name) {
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name).setExact(true)).click();
  }

  /** Opens a line of a form, such as "Water in the ears", to correct it. */
  void line(String label) {
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + label)))
        .click();
  }

  Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator link(String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  Locator heading(String name) {
    return page.getByRole(
        AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** Chooses what came out of an ear, as "right ear: 2 light". */
  void choose(String load) {
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(load)).click();
  }

  /** Axe finds nothing on the page as it is. */
  void expectAccessible() {
    expectNothing(violationsOnly());
  }

  /** Its words stand out in the dark theme, too; the page stays in the light one. */
  void expectReadableInTheDark() {
    scheme("dark");
    expectNothing(violationsOnly().withRules(List.of("color-contrast")));
    scheme("light");
  }

  private void scheme(String name) {
    page.evaluate("name => document.documentElement.setAttribute('data-scheme', name)", name);
  }

  /** What passes is not written out, and no page but this one (there are no frames) is asked. */
  private AxeBuilder violationsOnly() {
    AxeRunOptions options = new AxeRunOptions();
    options.setResultTypes(List.of("violations"));
    return new AxeBuilder(page).options(options).setLegacyMode(true);
  }

  private void expectNothing(AxeBuilder axe) {
    // all of it, not only what stands there while the answers come
    page.locator("h1").first().waitFor();
    PlaywrightAssertions.assertThat(page.locator("[aria-label=Loading]")).hasCount(0);
    assertThat(axe.analyze().getViolations())
        .extracting(rule -> rule.getId() + " at " + rule.getNodes().get(0).getHtml())
        .as(page.url())
        .isEmpty();
  }

  /** What the browser says of a server that answers 503 was to be expected. */
  void expectUnanswered() {
    problems.removeIf(problem -> problem.contains("status of 503"));
  }

  /** Nothing failed on the way, and no request left the machine. */
  @Override
  public void close() {
    context.close();
    assertThat(problems).isEmpty();
    assertThat(foreign).isEmpty();
  }
}
