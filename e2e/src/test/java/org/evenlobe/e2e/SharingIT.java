package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Two people, two browsers, one household. */
@ExtendWith(RunningDemo.class)
class SharingIT {
  private static final double FIVE_SECONDS = 5000;

  static String invite(Person owner, String role) {
    Page page = owner.page();
    owner.go("Household");
    page.getByLabel("As", new Page.GetByLabelOptions().setExact(true)).selectOption(role);
    owner.button("Make a link").click();
    Locator link = page.locator("output");
    link.waitFor();
    return link.textContent();
  }

  private static void addDog(Person person, String name) {
    person.page().keyboard().press("n");
    person.atPage("Add a dog");
    person.page().getByLabel("Name").fill(name);
    person.button("Save").click();
    person.heading(name).waitFor();
  }

  private static void recordCleaning(Person person) {
    person.menu("Record a cleaning");
    person.choose("right ear: 2 light");
    person.choose("left ear: 2 light");
    person.button("Save").click();
    assertThat(person.page().getByText("Recorded.")).isVisible();
  }

  @Test
  void whatOneRecordsTheOtherSeesWithinFiveSecondsThroughAnotherServerProcessToo() {
    try (Person wren = Person.atDesk();
        Person tern = Person.withPhone();
        Demo.Server second = RunningDemo.anotherServer();
        Person dunlin = Person.atDesk(second.address())) {
      String owner = UUID.randomUUID() + "@test.example";
      wren.register(owner);
      addDog(wren, "Fen");
      String token = invite(wren, "CARER").replaceAll(".*/join/", "");

      tern.register(UUID.randomUUID() + "@test.example");
      tern.page().navigate("/join/" + token);
      assertThat(tern.page().getByText("Saltings")).isVisible();
      tern.button("Join").click();
      tern.link("Fen").waitFor();
      RunningDemo.await(second.address());
      dunlin.signIn(owner, "a long enough secret");
      dunlin.link("Fen").waitFor();
      assertThat(tern.page().getByText("1 to clean")).isVisible();
      assertThat(dunlin.page().getByText("1 to clean")).isVisible();

      wren.link("Today").click();
      wren.open("Fen");
      recordCleaning(wren);

      LocatorAssertions.IsHiddenOptions within =
          new LocatorAssertions.IsHiddenOptions().setTimeout(FIVE_SECONDS);
      assertThat(tern.page().getByText("1 to clean")).isHidden(within);
      assertThat(dunlin.page().getByText("1 to clean")).isHidden(within);
    }
  }

  @Test
  void aViewerIsOfferedNothingToChangeAndLeaves() {
    try (Person wren = Person.atDesk();
        Person tern = Person.atDesk()) {
      wren.register(UUID.randomUUID() + "@test.example");
      addDog(wren, "Fen");
      String link = invite(wren, "VIEWER");
      assertThat(wren.page().getByText("Open: viewer: sees")).isVisible();

      tern.register(UUID.randomUUID() + "@test.example");
      tern.page().navigate(link);
      tern.button("Join").click();
      assertThat(tern.heading("Clean, both ears")).isVisible();
      assertThat(tern.link("Clean the ears of Fen")).isHidden();
      tern.open("Fen");
      tern.openMenu();
      assertThat(tern.menuItem("History")).isVisible();
      assertThat(tern.menuItem("Record a cleaning")).isHidden();
      assertThat(tern.menuItem("Edit")).isHidden();
      tern.page().keyboard().press("Escape");

      tern.go("Household");
      tern.button("Leave").click();
      assertThat(
              tern.page().getByText("Begin with a dog").or(tern.page().getByText("Who shares it")))
          .isVisible();
      assertThat(tern.page().getByLabel("In", new Page.GetByLabelOptions().setExact(true)))
          .isHidden();
    }
  }

  @Test
  void deletionsAndCorrectionsAreUndoneAndADogThatLeftComesBack() {
    try (Person wren = Person.atDesk()) {
      Page page = wren.page();
      wren.register(UUID.randomUUID() + "@test.example");
      addDog(wren, "Fen");
      recordCleaning(wren);

      Locator log = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Record"));
      log.getByRole(AriaRole.LINK).first().click();
      assertThat(page.getByText("As it stands · Wren")).isVisible();
      wren.button("Delete").click();
      assertThat(page.getByText("Deleted", new Page.GetByTextOptions().setExact(true))).isVisible();
      wren.expectAccessible();
      wren.button("Go back to version 1").click();
      assertThat(page.getByText("Deleted", new Page.GetByTextOptions().setExact(true))).isVisible();
      wren.link("Back to the dog").click();
      assertThat(log.getByRole(AriaRole.LINK)).hasCount(1);

      wren.menu("Edit");
      page.getByLabel("Name").fill("Reed");
      wren.button("Save").click();
      wren.heading("Reed").waitFor();
      wren.menu("History");
      wren.button("Go back to version 1").click();
      wren.link("Back to the dog").click();
      wren.heading("Fen").waitFor();

      wren.menu("Edit");
      wren.button("Archive Fen").click();
      assertThat(page.getByText("and is archived")).isVisible();
      wren.link("Today").click();
      assertThat(wren.heading("Begin with a dog")).isVisible();
      wren.go("Household");
      wren.open("Fen");
      wren.button("It is back").click();
      assertThat(page.getByText("is archived")).isHidden();
    }
  }

  @Test
  void settingsChangeUnitsFacingAndSchool() {
    try (Person wren = Person.atDesk()) {
      Page page = wren.page();
      wren.register(UUID.randomUUID() + "@test.example");
      page.keyboard().press("n");
      wren.atPage("Add a dog");
      page.getByLabel("Name").fill("Fen");
      page.getByLabel("Weight today, kg").fill("20");
      wren.button("Save").click();
      wren.atPage("Fen");
      wren.tab("Inside the ear");
      assertThat(page.getByText("Holds 6.7 mL")).isVisible();

      wren.go("Household");
      wren.link("How we do things").click();
      wren.line("All as usual");
      wren.line("Units and drawings");
      wren.button("lb").click();
      wren.button("fl oz, spoons and °F").click();
      wren.button("from behind it").click();
      wren.line("When to clean");
      wren.button("as needed").click();
      assertThat(page.getByText("A quiet ear cleans itself")).isVisible();
      wren.button("Save").click();
      assertThat(page.getByText("Saved how you do things")).isVisible();

      wren.link("Today").click();
      wren.open("Fen");
      assertThat(page.getByText("44.1 lb").first()).isVisible();
      wren.tab("Inside the ear");
      assertThat(page.getByText("Holds about 1¼ tsp")).isVisible();
      assertThat(wren.heading("No cleaning is planned")).isVisible();
      assertThat(
              page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("seen from behind")))
          .isVisible();
    }
  }

  @Test
  void theCanalShowsWhatPouringAndTippingDo() {
    try (Person warden = Person.atDesk()) {
      warden.signInAsWarden();
      Page page = warden.page();
      warden.open("Otter");
      warden.tab("Inside the ear");
      Locator poured = slider(page, "Poured");
      poured.focus();
      page.keyboard().press("Home");
      page.keyboard().press("ArrowRight");
      page.keyboard().press("ArrowRight");
      assertThat(page.getByText("stand nowhere in the part that you can reach")).isVisible();

      page.keyboard().press("End");
      slider(page, "Head tipped").focus();
      page.keyboard().press("End");
      assertThat(page.getByText("Tipped by 60 degrees")).isVisible();
      assertThat(page.getByText("mL run out again.")).isVisible();
    }
  }

  private static Locator slider(Page page, String name) {
    return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name));
  }

  @Test
  void aDogGetsAPicture() throws IOException {
    BufferedImage image = new BufferedImage(90, 60, BufferedImage.TYPE_INT_RGB);
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(image, "png", png);
    try (Person wren = Person.atDesk()) {
      Page page = wren.page();
      wren.register(UUID.randomUUID() + "@test.example");
      addDog(wren, "Fen");
      wren.menu("Edit");
      wren.button("Add a picture").waitFor();
      page.locator("input[type=file]")
          .setInputFiles(new FilePayload("fen.png", "image/png", png.toByteArray()));
      Locator picture =
          page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Picture of Fen"));
      assertThat(picture).isVisible();
      page.locator("input[type=file]")
          .setInputFiles(new FilePayload("fen.png", "image/png", new byte[] {1, 2, 3}));
      assertThat(page.getByText("cannot be read as a picture")).isVisible();

      wren.link("Today").click();
      assertThat(picture).isVisible();
      wren.expectAccessible();
    }
  }

  @Test
  void aPasswordIsChangedAndAllSessionsEnd() {
    try (Person wren = Person.atDesk()) {
      Page page = wren.page();
      String email = UUID.randomUUID() + "@test.example";
      wren.register(email);
      wren.go("Household");
      page.getByLabel("Present password").fill("a long enough secret");
      page.getByLabel("Next password").fill("another long secret");
      wren.button("Change password").click();
      assertThat(page.getByText("All your other sessions have ended.")).isVisible();
      wren.button("Sign out everywhere").click();
      wren.button("Sign in").waitFor();
      wren.signIn(email, "another long secret");
    }
  }
}
