package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Records out of a house and into another, what a groomer tells, and learning without a dog. */
@ExtendWith(RunningDemo.class)
class InOutIT extends InSession {
  private static final ZoneId LONDON = ZoneId.of("Europe/London");

  private static Map<String, String> unzipped(byte[] archive) throws IOException {
    Map<String, String> files = new TreeMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        files.put(entry.getName(), new String(zip.readAllBytes(), StandardCharsets.ISO_8859_1));
      }
    }
    return files;
  }

  /** Its document without its head and without how each house likes things. */
  private static String facts(Map<String, String> archive) {
    JsonArray facts =
        JsonParser.parseString(archive.remove("household.json"))
            .getAsJsonObject()
            .getAsJsonArray("facts");
    return StreamSupport.stream(facts.spliterator(), false)
        .filter(fact -> !fact.getAsJsonObject().get("kind").getAsString().equals("settings"))
        .map(JsonElement::toString)
        .collect(Collectors.joining("\n"));
  }

  private static String household(Person person) {
    return person
        .page()
        .request()
        .get("/api/me")
        .text()
        .replaceAll("(?s).*\"households\":\\[\\{\"id\":\"([^\"]*)\".*", "$1");
  }

  private static byte[] archive(Person person) {
    return person.page().request().get("/api/households/" + household(person) + "/archive").body();
  }

  private static String today(Person person) {
    String household = household(person);
    return person.page().request().get("/api/households/" + household + "/today").text();
  }

  /** Tomorrow at noon: whatever others told the demo at another clock's evening is past by then. */
  @Test
  void theDemoHouseholdMovesIntoAnotherWithoutLoss() throws IOException {
    Instant later =
        LocalDate.now(LONDON).plusDays(1).atTime(LocalTime.NOON).atZone(LONDON).toInstant();
    try (Demo.Server server = RunningDemo.serverAt(later);
        Person warden = Person.atDesk(server.address());
        Person wren = Person.atDesk(server.address())) {
      warden.signInAsWarden();
      warden.page().navigate("/household/in-out");
      warden.expectAccessible();
      Download saved =
          warden.page().waitForDownload(() -> warden.button("Save the archive").click());
      Path file = saved.path();

      wren.register(UUID.randomUUID() + "@test.example");
      Page page = wren.page();
      page.navigate("/household/in-out");
      page.getByLabel("Archive file").setInputFiles(file);
      Locator found = wren.region("What would come");
      assertThat(found).containsText("From Saltmarsh Boarding");
      wren.expectAccessible();
      wren.button("Take all of it in").click();
      assertThat(page.getByText("All of it is here")).isVisible();

      Map<String, String> theirs = unzipped(Files.readAllBytes(file));
      Map<String, String> mine = unzipped(archive(wren));
      assertThat(facts(mine)).isEqualTo(facts(theirs)).hasSizeGreaterThan(100_000);
      assertThat(mine).isEqualTo(theirs).isNotEmpty();
      assertThat(today(wren)).isEqualTo(today(warden));
      page.getByLabel("Archive file").setInputFiles(file);
      assertThat(found).containsText("Nothing in it is new here.");
      page.getByLabel("CSV file of a log")
          .setInputFiles(
              new FilePayload("own.csv", "text/csv", "dog,when".getBytes(StandardCharsets.UTF_8)));
      assertThat(page.getByText("has columns that are not known: when")).isVisible();
    }
  }

  @Test
  void aGroomerSaysByALinkWhatTheyDidAndSaw() {
    try (Person wren = withDog(Person.atDesk(), "");
        Person ilse = Person.withPhone()) {
      Page page = wren.page();
      page.navigate("/dogs/" + dog + "/hand-over");
      assertThat(wren.region("Please do not")).containsText("No water into the ears");
      wren.expectAccessible();
      wren.button("Make a link for the groomer").click();
      String link = page.getByLabel("Its address").inputValue();

      Page theirs = ilse.page();
      theirs.navigate(link);
      assertThat(ilse.region("Please do not")).isVisible();
      theirs.getByLabel("Your name").fill("Ilse");
      ilse.button("Bathed the dog").click();
      ilse.button("A smell").click();
      ilse.tile("A smell: where?", "its left ear");
      theirs.getByLabel("Anything else").fill("Very patient.");
      ilse.expectAccessible();
      ilse.button("Send it").click();
      assertThat(theirs.getByText("Thank you")).isVisible();

      page.navigate("/dogs/" + dog);
      Locator told = wren.region("Told by others");
      assertThat(told).containsText("Ilse, groomer");
      assertThat(told).containsText("Left ear: a smell. “Very patient.”");
      wren.tab("Water");
      assertThat(wren.region("Days to note")).containsText("grooming with a bath");
      wren.tab("Record");
      wren.expectAccessible();
      told.getByRole(AriaRole.BUTTON).click();
      assertThat(told).hasCount(0);
      wren.button("Undo").click();
      assertThat(told).containsText("Ilse");
    }
  }

  @Test
  void tenEarsAreGradedAndTheLessonsAnswer() {
    try (Person wren = withDog(Person.atDesk(), "")) {
      Page page = wren.page();
      page.navigate("/learn");
      Locator lesson = wren.region("Grade an ear");
      for (int ear = 1; ear <= 10; ear++) {
        for (String sign : new String[] {"Redness", "Swelling", "Sores", "Discharge"}) {
          wren.tile(sign, ear % 2 == 0 ? "mild" : "none");
        }
        wren.button("Compare").click();
        wren.button("The next ear").waitFor();
        if (ear == 10) {
          wren.expectAccessible();
          wren.expectReadableInTheDark();
        }
        wren.button("The next ear").click();
      }
      assertThat(lesson).containsText("Agreement with the truth over the last 10 ears");

      page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("The steps")).click();
      wren.button("Write down what came out of each").click();
      assertThat(wren.region("Put the steps in order")).containsText("something goes before");
      wren.region("Spot the mistake")
          .getByRole(
              AriaRole.BUTTON,
              new Locator.GetByRoleOptions().setName(Pattern.compile("Nozzle pressed")))
          .click();
      assertThat(wren.region("Spot the mistake")).containsText("can hurt the eardrum");
      wren.expectAccessible();
      page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Depth and sound")).click();
      page.getByRole(AriaRole.SLIDER).focus();
      page.keyboard().press("End");
      assertThat(wren.region("How deep is too deep")).containsText("can pierce it");
      wren.button("Hear it squelch").click();
      wren.expectAccessible();
    }
  }
}
