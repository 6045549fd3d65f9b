package org.evenlobe.server.remind;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;
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
    SimpleMailMessage message = new SimpleMailMessage();
    message.setFrom(from);
    message.setTo(mail.recipient());
    message.setSubject(mail.subject());
    message.setText(mail.body());
    sender.send(message);
  }
}
