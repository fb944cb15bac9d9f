package org.mildlantern.app.keeper;

import javax.sql.DataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Lets sessions use plain JDBC transactions: a JPA one would ask for the collection of the keeper,
 * whom only the session can name.
 */
@Configuration
class SessionConfig {
  @Bean
  TransactionOperations springSessionTransactionOperations(DataSource dataSource) {
    return new TransactionTemplate(new JdbcTransactionManager(dataSource));
  }
}
