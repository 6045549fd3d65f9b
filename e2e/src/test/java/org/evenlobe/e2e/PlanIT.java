package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.Media;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Moving the plan, asking it why, and giving it out. */
@ExtendWith(RunningDemo.class)
class PlanIT {
  private static final ZoneId ZONE = ZoneId.of("Europe/London");
  private static final DateTimeFormatter SHORT =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

  private final LocalDate today = LocalDate.now(ZONE);
  private Household household;
  private UUID dog;

  /** A dog that was cleaned two days ago and is planned every 28 days. */
  private Person withDog(Person person, String more) {
    person.register(UUID.randomUUID() + "@test.example");
    household = new Household(person);
    dog = household.addDog("Fen", more);
    household.checkQuiet(dog);
    household.clean(dog, 2);
    return person;
  }

  /** As the browser writes it. */
  private static Pattern on(LocalDate day) {
    return Pattern.compile(SHORT.format(day).replace("Sept", "Sept?"));
  }

  private static Locator nextCleaning(Page page) {
    return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Fen"))
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName(Pattern.compile("Fen: clean both ears")))
        .first();
  }

  /** The best day of the next cleaning, as the month names it. */
  private static String named(Page page) {
    return nextCleaning(page).getAttribute("aria-label");
  }

  @Test
  void aCleaningIsPutOnAnotherDayOfItsWindowByKeyboard() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.navigate("/month");
      wren.heading("Month").waitFor();
      String before = named(page);

      nextCleaning(page).focus();
      page.keyboard().press("Shift+ArrowRight");
      page.keyboard().press("Shift+ArrowRight");
      page.keyboard().press("Escape");
      assertThat(nextCleaning(page)).hasAttribute("aria-label", before);

      nextCleaning(page).focus();
      page.keyboard().press("Shift+ArrowRight");
      page.keyboard().press("Enter");
      assertThat(nextCleaning(page)).not().hasAttribute("aria-label", before);

      page.navigate("/dogs/" + dog + "/why");
      assertThat(wren.region("Why this day")).containsText("You put it on");
      wren.button("Back to its own day").click();
      assertThat(wren.region("Why this day")).not().containsText("You put it on");
    }
  }

  @Test
  void theDatesAndTheRecordHaveThePaperToThemselves() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
      for (String[] one : new String[][] {{"", "Record"}, {"/why", "Dates"}}) {
        page.navigate("/dogs/" + dog + one[0]);
        page.getByLabel(one[1], new Page.GetByLabelOptions().setExact(true)).first().waitFor();
        assertThat(page.locator("[aria-label=Main]")).isHidden();
        assertThat(wren.button("Print")).isHidden();
        assertThat(page.getByRole(AriaRole.MAIN)).hasCSS("width", "1280px");
      }
    }
  }

  @Test
  void aMonthIsPrintedOnOneLandscapePage() {
    try (Person warden = Person.atDesk()) {
      warden.signInAsWarden();
      Page page = warden.page();
      page.keyboard().press("m");
      warden.heading("Month").waitFor();
      page.getByText("A drop is a cleaning").waitFor();
      byte[] pdf = page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true));
      String text = new String(pdf, StandardCharsets.ISO_8859_1);
      assertThat(Pattern.compile("/Type\\s*/Page\\b").matcher(text).results().count()).isEqualTo(1);
    }
  }

  @Test
  void outsideItsWindowItAsksWhy() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.navigate("/month");
      nextCleaning(page).focus();
      for (int day = 0; day < 9; day++) {
        page.keyboard().press("Shift+ArrowLeft");
      }
      page.keyboard().press("Enter");
      assertThat(page.getByText("lies outside its window")).isVisible();
      assertThat(page.getByText("makes more wax")).isVisible();
      assertThat(wren.button("Put it there")).isDisabled();
      wren.expectAccessible();
      page.getByLabel("Why").fill("we are away");
      wren.button("Put it there").click();
      assertThat(page.getByText("lies outside its window")).isHidden();

      page.navigate("/dogs/" + dog + "/why");
      assertThat(wren.region("Why this day")).containsText("we are away");
    }
  }

  @Test
  void itIsDraggedToAnotherDay() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.navigate("/month");
      String before = named(page);
      BoundingBox box = nextCleaning(page).boundingBox();
      double x = box.x + box.width / 2;
      double y = box.y + box.height / 2;
      page.mouse().move(x, y);
      page.mouse().down();
      page.mouse().move(x - 20, y);
      page.mouse().move(x - 58, y);
      page.mouse().move(x - 60, y);
      page.mouse().up();
      assertThat(nextCleaning(page)).not().hasAttribute("aria-label", before);
    }
  }

  @Test
  void everyDateSaysWhyAndWhatIfMovesThePlanBeforeAnythingIsSaved() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.navigate("/dogs/" + dog);
      wren.link("Every date, and what if").click();
      Locator chain = wren.region("Why this day");
      assertThat(chain).containsText("nothing learned yet");
      assertThat(chain).containsText("Look and sniff first.");
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Check")))
          .first()
          .click();
      assertThat(chain).containsText("Look, sniff and feel every 7 days.");

      Locator whatIf = wren.region("What if");
      assertThat(whatIf).containsText("as now");
      page.getByLabel("School").selectOption("as needed");
      assertThat(whatIf).containsText("0 cleanings in 60 days instead of");
      wren.button("As it is").click();
      page.getByLabel("Climate").selectOption("humid");
      assertThat(whatIf).not().containsText("0 cleanings in 60 days instead of");
      page.reload();
      assertThat(whatIf).containsText("as now");
    }
  }

  @Test
  void waterThatRepeatsIsAskedAboutDriedAndStruckOut() {
    try (Person wren = withDog(Person.atDesk(), "\"waterSensitive\": true")) {
      Page page = wren.page();
      page.navigate("/dogs/" + dog);
      wren.tab("Water");
      wren.button("It repeats every week…").click();
      String weekday = today.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.UK);
      wren.button(weekday).click();
      wren.button("Expect it").click();
      wren.button("It repeats every week…").waitFor();
      wren.expectAccessible();

      page.navigate("/");
      Locator yes =
          page.getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Yes: Fen")));
      assertThat(page.getByText("1 to dry")).isVisible();
      yes.click();
      assertThat(yes).isHidden();
      wren.button("Dried: Fen").click();
      assertThat(page.getByText("1 to dry")).isHidden();
      wren.expectAccessible();
      wren.button("Undo").click();
      assertThat(page.getByText("1 to dry")).isVisible();
      wren.button("Dried: Fen").click();
      assertThat(page.getByText("1 to dry")).isHidden();

      page.navigate("/dogs/" + dog + "?tab=water");
      page.getByText(Pattern.compile("swim: every .* ×")).click();
      assertThat(page.getByText(Pattern.compile("swim: every"))).isHidden();
    }
  }

  @Test
  void aWeekThatIsTooFullNamesWhatFindsNoRoomAndTheWayOut() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      UUID second = household.addDog("Reed", "");
      household.checkQuiet(second);
      household.clean(second, 60);
      UUID third = household.addDog("Sorrel", "");
      household.checkQuiet(third);
      household.clean(third, 60);
      page.navigate("/household/week");
      page.getByLabel("Only so many cleanings fit into a day").check();
      for (String day :
          new String[] {
            "Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"
          }) {
        page.getByLabel("Cleanings on " + day).fill("1");
      }
      page.getByLabel("Latitude").fill("95");
      wren.button("Save the week").click();
      assertThat(page.getByText("Nothing was saved: latitude")).isVisible();
      page.getByLabel("Latitude").fill("5");
      wren.button("Save the week").click();
      assertThat(wren.region("Your week")).not().containsText("Nothing was saved");

      page.navigate("/");
      assertThat(page.getByText("No day from")).hasCount(1);
      page.getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Put .* on")))
          .click();
      assertThat(page.getByText("No day from")).hasCount(0);
      page.navigate("/dogs/" + dog + "/why");
      page.getByText("What it started from").click();
      assertThat(page.getByText("Climate by the simulated weather at 5° N: humid")).isVisible();
    }
  }

  @Test
  void theCalendarIsReadBySecretLinkUntilItIsEnded() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.navigate("/household/week");
      wren.button("Make a calendar link").click();
      String address = page.locator("output").textContent();
      APIResponse feed = page.request().get(address);
      assertThat(feed.text()).contains("BEGIN:VCALENDAR", "SUMMARY:Fen: clean both ears");
      wren.button("End the link").click();
      assertThat(wren.button("Make a calendar link")).isVisible();
      assertThat(page.request().get(address).status()).isEqualTo(404);
    }
  }

  @Test
  void hairCareIsNotedAndComesBackByThePersonsWeeks() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      page.navigate("/household/ways");
      wren.line("All as usual");
      wren.line("Hair in the canal");
      wren.button("trim the opening").click();
      page.getByLabel("Every so many weeks").fill("0");
      wren.button("Save").click();
      assertThat(page.getByText("1 to 52 weeks, please.")).isVisible();
      page.getByLabel("Every so many weeks").fill("3");
      wren.button("Save").click();
      page.navigate("/dogs/" + dog);
      wren.button("Note hair care of Fen").click();
      wren.tile("Which ear", "left ear");
      wren.tile("By whom", "the groomer");
      wren.expectAccessible();
      wren.button("Save").click();

      assertThat(wren.region("Hair")).containsText("trimmed today, left ear, by the groomer");
      assertThat(wren.region("Hair")).containsText("Next: hair care of right ear today");
      wren.button("Take back: trimmed today, left ear, by the groomer").click();
      assertThat(wren.region("Hair")).not().containsText("trimmed today");
    }
  }

  @Test
  void anAppointmentIsReadFromACalendarFile() {
    try (Person wren = withDog(Person.withPhone(), "")) {
      Page page = wren.page();
      String ics =
          """
          BEGIN:VCALENDAR
          VERSION:2.0
          PRODID:-//A practice//EN
          BEGIN:VEVENT
          UID:1
          DTSTAMP:20260101T000000Z
          DTSTART;VALUE=DATE:%s
          SUMMARY:Ear recheck
          END:VEVENT
          END:VCALENDAR
          """
              .formatted(today.plusDays(3).toString().replace("-", ""));
      page.navigate("/dogs/" + dog);
      wren.tab("Visits");
      wren.button("Note an appointment").click();
      wren.expectAccessible();
      page.waitForFileChooser(() -> wren.button("From a calendar file (.ics)").press("Enter"))
          .setFiles(
              new FilePayload("visit.ics", "text/calendar", ics.getBytes(StandardCharsets.UTF_8)));
      page.getByText(Pattern.compile("Take over: .*Ear recheck")).click();
      Locator made = wren.region("Appointments");
      assertThat(made).containsText(on(today.plusDays(3)));
      wren.expectAccessible();
      page.getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Cancel:")))
          .click();
      assertThat(made).not().containsText("Ear recheck");
    }
  }
}
