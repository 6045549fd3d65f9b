package org.evenlobe.server.mail;

/**
 * What sends mails. Which one does is set by {@code evenlobe.mail.service}; another one takes the
 * place of those that ship by being another bean of this type.
 */
public interface MailService {

  /** Sends it; once this returns, it is on its way. */
  void send(Mail mail);
}
