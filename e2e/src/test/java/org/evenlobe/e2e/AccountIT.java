package org.evenlobe.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetup;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * Getting in, back in and out, with a mail server: links come by mail and lead where they should.
 */
@ExtendWith(RunningDemo.class)
class AccountIT {
  private static final Path STATE = Path.of("target/accounts").toAbsolutePath();
  private static final String OWNER = "wren@test.example";
  private static final String FIRST = "a long enough secret";
  private static final String SECOND = "tern over wet slate";
  private static final int MOST_TRIES = 300;
  private static GreenMail mails;
  private static Demo product;

  @BeforeAll
  static void start() {
    mails = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    mails.start();
    product =
        Demo.start(
            "bin/start",
            STATE,
            Map.of(
                "PORT", "8580",
                "PG_FAST", "1",
                "EVENLOBE_MAIL", "smtp",
                "SPRING_MAIL_HOST", "127.0.0.1",
                "SPRING_MAIL_PORT", Integer.toString(mails.getSmtp().getPort()),
                "EVENLOBE_JOBS_POLL", "200ms"),
            "--fresh");
  }

  @AfterAll
  static void stop() {
    product.close();
    mails.stop();
    Demo.script("bin/database", STATE.resolve("home"), "destroy");
  }

  /** The link in the newest mail to an address whose subject says so. */
  private static String linkTo(String address, String subject) {
    for (int tries = 0; tries < MOST_TRIES; tries++) {
      MimeMessage[] all = mails.getReceivedMessages();
      for (int at = all.length - 1; at >= 0; at--) {
        if (isTo(all[at], address) && said(all[at]).contains(subject)) {
          Matcher link = Pattern.compile("http://\\S+").matcher(GreenMailUtil.getBody(all[at]));
          assertThat(link.find()).isTrue();
          return link.group();
        }
      }
      LockSupport.parkNanos(100_000_000);
    }
    throw new AssertionError("no mail to " + address + " of " + subject);
  }

  private static boolean isTo(MimeMessage mail, String address) {
    try {
      return Arrays.toString(mail.getAllRecipients()).contains(address);
    } catch (MessagingException e) {
      return false;
    }
  }

  private static String said(MimeMessage mail) {
    try {
      return mail.getSubject();
    } catch (MessagingException e) {
      return "";
    }
  }

  @Test
  void aPersonComesInForgetsThePasswordComesBackAndInvitesAnother() {
    try (Person wren = Person.atDesk(product.address());
        Person tern = Person.withPhone(product.address())) {
      wren.register(OWNER);
      nobodyElseMakesAnAccount(tern);
      anotherPasswordComesByMail(wren);
      theAddressIsConfirmedByMail(wren);
      invitedInOneGo(wren, tern);
      signedInElsewhereAndEnded(wren);
      aPasskeyInPlaceOfThePassword();
      erasedInThirtyDaysOrTakenBack(wren, tern);
    }
  }

  private static void nobodyElseMakesAnAccount(Person tern) {
    tern.page().navigate("/register");
    assertThat(tern.page().getByText("Accounts are made here by invitation")).isVisible();
    tern.expectAccessible();
  }

  private static void anotherPasswordComesByMail(Person wren) {
    Page page = wren.page();
    wren.go("Household");
    wren.button("Sign out everywhere").click();
    wren.heading("Sign in").waitFor();
    wren.link("I forgot it").click();
    page.getByLabel("E-mail").fill(OWNER);
    wren.button("Send the link").click();
    assertThat(page.getByText("a link is on its way")).isVisible();

    String link = linkTo(OWNER, "A new password");
    assertThat(link).startsWith(product.address() + "/new-password/");
    page.navigate(link);
    page.getByLabel("Next password").fill("password1234");
    wren.button("Set it").click();
    assertThat(page.getByText("would guess")).isVisible();
    page.getByLabel("Next password").fill(SECOND);
    assertThat(page.getByText("Good.")).isVisible();
    wren.expectAccessible();
    wren.button("Set it").click();
    assertThat(page.getByText("All your sessions have ended")).isVisible();

    page.navigate(link);
    page.getByLabel("Next password").fill("heron over wet slate");
    wren.button("Set it").click();
    assertThat(page.getByText("This link does not hold any more")).isVisible();
    linkless(OWNER, "was changed");

    wren.signIn(OWNER, SECOND);
  }

  private static void linkless(String address, String subject) {
    for (int tries = 0; tries < MOST_TRIES; tries++) {
      if (Arrays.stream(mails.getReceivedMessages())
          .anyMatch(mail -> isTo(mail, address) && said(mail).contains(subject))) {
        return;
      }
      LockSupport.parkNanos(100_000_000);
    }
    throw new AssertionError("no mail to " + address + " of " + subject);
  }

  private static void theAddressIsConfirmedByMail(Person wren) {
    Page page = wren.page();
    page.navigate("/household");
    forgetPassword();
    page.getByLabel("E-mail").fill("wren@other.example");
    wren.button("Change e-mail").click();
    page.getByRole(AriaRole.DIALOG).getByLabel("Present password").fill("not mine at all");
    wren.button("Go on").click();
    assertThat(page.getByText("is not your password")).isVisible();
    page.getByRole(AriaRole.DIALOG).getByLabel("Present password").fill(SECOND);
    wren.button("Go on").click();
    assertThat(page.getByText("A link is on its way to wren@other.example")).isVisible();
    String link = linkTo("wren@other.example", "Is this your address?");
    // the dialog's own form is not heard as the one that it waits for
    assertThat(mails.getReceivedMessages())
        .filteredOn(mail -> isTo(mail, "wren@other.example"))
        .hasSize(1);
    page.navigate(link);
    assertThat(page.getByText("It is yours")).isVisible();
    page.navigate(link + "x");
    assertThat(page.getByText("This link does not hold any more")).isVisible();
    page.navigate("/household");
    assertThat(page.getByLabel("E-mail")).hasValue("wren@other.example");
    assertThat(page.getByText("Confirmed", new Page.GetByTextOptions().setExact(true))).isVisible();
    linkless(OWNER, "address at Even Lobe was changed");
  }

  private static void invitedInOneGo(Person wren, Person tern) {
    String link = SharingIT.invite(wren, "CARER");
    Page page = tern.page();
    page.navigate(link);
    assertThat(page.getByText("Saltings")).isVisible();
    tern.expectAccessible();
    tern.link("Make an account").click();
    page.getByLabel("Your name").fill("Tern");
    page.getByLabel("E-mail").fill("tern@test.example");
    page.getByLabel("Password").fill(FIRST);
    tern.button("Make an account and join").click();
    tern.heading("Today").waitFor();
    page.navigate("/household");
    assertThat(page.getByText("Saltings").first()).isVisible();
    assertThat(tern.region("Who shares it")).containsText("Tern (you)");
  }

  private static void signedInElsewhereAndEnded(Person wren) {
    try (Person there = Person.withPhone(product.address())) {
      there.signIn("wren@other.example", SECOND);
      linkless("wren@other.example", "on another device");
      wren.page().navigate("/household");
      wren.page().getByLabel("End Chrome on Linux").click();
      assertThat(wren.page().getByLabel("End Chrome on Linux")).isHidden();
      there.page().navigate("/");
      there.heading("Sign in").waitFor();
    }
  }

  private static void aPasskeyInPlaceOfThePassword() {
    // browsers make none for a bare address
    String named = product.address().replace("127.0.0.1", "localhost");
    try (Person wren = Person.atDesk(named)) {
      Page page = wren.page();
      holdAKey(page);
      wren.signIn("wren@other.example", SECOND);
      page.navigate("/household");
      wren.button("Make a passkey here").click();
      Locator takeAway = wren.button("Take away the passkey of Chrome on Linux");
      assertThat(takeAway).isVisible();
      wren.expectAccessible();
      linkless("wren@other.example", "A passkey opens your account");

      wren.button("Sign out").click();
      wren.heading("Sign in").waitFor();
      wren.expectAccessible();
      wren.button("Sign in with a passkey").click();
      wren.heading("Today").waitFor();

      page.navigate("/household");
      takeAway.click();
      assertThat(takeAway).isHidden();
      wren.button("Sign out").click();
      wren.button("Sign in with a passkey").click();
      assertThat(page.getByText("That passkey opens no account here")).isVisible();
    }
  }

  /** The browser's own stand-in for a device that knows its person's finger. */
  private static void holdAKey(Page page) {
    CDPSession browser = page.context().newCDPSession(page);
    browser.send("WebAuthn.enable");
    JsonObject key = new JsonObject();
    key.addProperty("protocol", "ctap2");
    key.addProperty("transport", "internal");
    key.addProperty("hasResidentKey", true);
    key.addProperty("hasUserVerification", true);
    key.addProperty("isUserVerified", true);
    JsonObject options = new JsonObject();
    options.add("options", key);
    browser.send("WebAuthn.addVirtualAuthenticator", options);
  }

  private static void erasedInThirtyDaysOrTakenBack(Person wren, Person tern) {
    Page page = wren.page();
    page.navigate("/household");
    page.getByLabel("What", new Page.GetByLabelOptions().setExact(true))
        .selectOption(new SelectOption().setLabel("Saltings: all of it"));
    assertThat(page.getByText("For everybody who shares it (2)")).isVisible();
    wren.expectAccessible();
    forgetPassword();
    wren.button("Erase it in 30 days").click();
    page.getByRole(AriaRole.DIALOG).getByLabel("Present password").fill(SECOND);
    wren.button("Go on").click();
    assertThat(page.getByText("Saltings is erased for good on")).isVisible();
    linkless("tern@test.example", "What will be erased");
    tern.page().navigate("/");
    assertThat(tern.page().getByText("Saltings is erased for good on")).isVisible();
    wren.button("Take it back").click();
    assertThat(page.getByText("Saltings is erased for good on")).isHidden();

    tern.page().navigate("/household");
    tern.page().getByText("Erase my account", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(tern.page().getByText("What you said in it stays")).isVisible();
    tern.button("Erase my account in 30 days").click();
    tern.page().getByRole(AriaRole.DIALOG).getByLabel("Present password").fill(FIRST);
    tern.button("Go on").click();
    assertThat(tern.page().getByText("Your account is erased for good on")).isVisible();
    database("update erasure set asked_at = asked_at - interval '31 days'");
    database("update scheduled_tasks set execution_time = now() where task_name = 'erase-due'");
    Locator signIn = tern.heading("Sign in");
    for (int tries = 0; tries < MOST_TRIES && !signIn.isVisible(); tries++) {
      tern.page().navigate("/");
      LockSupport.parkNanos(200_000_000);
      signIn.or(tern.heading("Today")).first().waitFor();
    }
    assertThat(signIn).isVisible();
    page.navigate("/household");
    assertThat(wren.region("Who shares it")).not().containsText("Tern");
  }

  /** As if ten minutes had passed since somebody gave theirs. */
  private static void forgetPassword() {
    database(
        "delete from spring_session_attributes where attribute_name = 'evenlobe.password-given-at'");
  }

  private static void database(String statement) {
    Demo.script("bin/database", STATE.resolve("home"), "admin", "-q", "-c", statement);
  }
}
