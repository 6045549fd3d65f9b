package org.evenlobe.server.mail;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.nio.charset.StandardCharsets;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.mail.MailPreparationException;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Component;

/** Hands mails to a mail server, as it is configured under {@code spring.mail}. */
@Component
@ConditionalOnProperty(name = "evenlobe.mail.service", havingValue = "smtp")
class SmtpMail implements MailService {
  private final JavaMailSender sender;
  private final String from;

  SmtpMail(JavaMailSender sender, @Value("${evenlobe.mail.from}") String from) {
    this.sender = sender;
    this.from = from;
  }

  @Override
  public void send(Mail mail) {
    MimeMessage message = sender.createMimeMessage();
    try {
      MimeMessageHelper parts = new MimeMessageHelper(message, StandardCharsets.UTF_8.name());
      parts.setFrom(from);
      parts.setTo(mail.recipient());
      parts.setSubject(mail.subject());
      parts.setText(mail.body());
      if (mail.stopLink() != null) {
        // RFC 8058: a mail program offers to stop them by itself
        message.setHeader("List-Unsubscribe", "<" + mail.stopLink() + ">");
        message.setHeader("List-Unsubscribe-Post", "List-Unsubscribe=One-Click");
      }
    } catch (MessagingException e) {
      throw new MailPreparationException(e);
    }
    sender.send(message);
  }
}
