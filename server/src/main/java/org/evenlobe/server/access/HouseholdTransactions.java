package org.evenlobe.server.access;

import jakarta.persistence.EntityManagerFactory;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Optional;
import javax.sql.DataSource;
import org.hibernate.Session;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.orm.jpa.EntityManagerHolder;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Begins each transaction by telling the database which household and person it works for. Both
 * settings end with the transaction, so that a pooled connection carries nothing over.
 */
@Component("transactionManager")
class HouseholdTransactions extends JpaTransactionManager {
  private static final String TELL =
      "select set_config('evenlobe.household', ?, true), set_config('evenlobe.person', ?, true)";

  private static final Logger LOG = LoggerFactory.getLogger(HouseholdTransactions.class);

  HouseholdTransactions(EntityManagerFactory factory) {
    super(factory);
  }

  /**
   * Sessions are read before anybody is known, so their transactions are plain ones; Spring Session
   * looks for a bean of this name.
   */
  @Configuration
  static class SessionTransactions {
    @Bean
    TransactionOperations springSessionTransactionOperations(DataSource source) {
      TransactionTemplate template = new TransactionTemplate(new JdbcTransactionManager(source));
      template.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
      return template;
    }
  }

  @Override
  protected void doBegin(Object transaction, TransactionDefinition definition) {
    super.doBegin(transaction, definition);
    EntityManagerHolder holder =
        (EntityManagerHolder)
            TransactionSynchronizationManager.getResource(obtainEntityManagerFactory());
    try {
      holder.getEntityManager().unwrap(Session.class).doWork(HouseholdTransactions::tell);
    } catch (RuntimeException broken) {
      // what was begun is bound to this thread, and would meet all its requests from now on
      rollBack(holder);
      doCleanupAfterCompletion(transaction);
      throw new CannotCreateTransactionException("the household could not be told", broken);
    }
  }

  private static void rollBack(EntityManagerHolder holder) {
    try {
      holder.getEntityManager().getTransaction().rollback();
    } catch (RuntimeException broken) {
      LOG.debug("nothing to roll back on a broken connection", broken);
    }
  }

  private static void tell(Connection connection) throws SQLException {
    Optional<Member> member = CurrentMember.find();
    try (PreparedStatement statement = connection.prepareStatement(TELL)) {
      statement.setString(1, member.map(m -> m.household().toString()).orElse(""));
      statement.setString(2, member.map(m -> m.person().toString()).orElse(""));
      statement.execute();
    }
  }
}
