package org.evenlobe.server.mail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSenderImpl;

class SmtpMailTest {
  private final UUID person = UUID.randomUUID();

  @Test
  void aMailServerGetsItAsItIs() throws Exception {
    GreenMail server = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
    server.start();
    JavaMailSenderImpl sender = new JavaMailSenderImpl();
    sender.setHost("127.0.0.1");
    sender.setPort(server.getSmtp().getPort());
    SmtpMail smtp = new SmtpMail(sender, "lobe@test.example");

    smtp.send(
        Mail.reminder(person, "wren@test.example", "Fen: 8 drops", "Give it now.")
            .endedBy("http://127.0.0.1/stop/x", "http://127.0.0.1/api/stop/x"));

    assertThat(server.getReceivedMessages())
        .singleElement()
        .satisfies(
            message -> {
              assertThat(message.getSubject()).isEqualTo("Fen: 8 drops");
              assertThat(message.getAllRecipients()[0]).hasToString("wren@test.example");
              assertThat(message.getContent().toString()).contains("Give it now.");
              assertThat(message.getHeader("List-Unsubscribe"))
                  .containsExactly("<http://127.0.0.1/api/stop/x>");
              assertThat(message.getHeader("List-Unsubscribe-Post"))
                  .containsExactly("List-Unsubscribe=One-Click");
            });
    server.stop();
    // one that cannot be sent is tried again by its job
    assertThatThrownBy(() -> smtp.send(Mail.reminder(person, "wren@test.example", "Fen", "Now.")))
        .isInstanceOf(MailException.class);
  }
}
