package org.mildlantern.app.web;

import java.util.concurrent.Callable;
import java.util.function.BooleanSupplier;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.DefaultTransactionDefinition;

/**
 * Runs work that belongs together in one transaction: all of it is stored, or nothing.
 *
 * <p>Where somebody else's work got in the way (the same key at the same time, a deadlock), it is
 * done again from the start.
 */
@Component
public class OneTransaction {
  private static final int TRIES = 4;

  private final PlatformTransactionManager transactions;

  OneTransaction(PlatformTransactionManager transactions) {
    this.transactions = transactions;
  }

  /** Runs the work and stores what it did. */
  public <T> T run(Callable<T> work) throws Exception {
    return run(work, () -> false);
  }

  /**
   * Runs the work and stores what it did, unless it was refused.
   *
   * @param refused asked after the work: whether nothing of it may stay
   */
  <T> T run(Callable<T> work, BooleanSupplier refused) throws Exception {
    for (int left = TRIES - 1; ; left--) {
      try {
        return once(work, refused);
      } catch (ConcurrencyFailureException | DataIntegrityViolationException e) {
        if (left == 0) {
          throw e;
        }
      }
    }
  }

  private <T> T once(Callable<T> work, BooleanSupplier refused) throws Exception {
    TransactionStatus status = transactions.getTransaction(new DefaultTransactionDefinition());
    T done;
    try {
      done = work.call();
    } catch (Exception | Error e) {
      rollBackAfter(e, status);
      throw e;
    }
    // A fault that the work has caught and shown has marked the transaction, so nothing of it
    // stays.
    if (status.isRollbackOnly() || refused.getAsBoolean()) {
      transactions.rollback(status);
    } else {
      transactions.commit(status);
    }
    return done;
  }

  /**
   * What went wrong first is what is told, also where the line is cut and nothing can be undone.
   */
  private void rollBackAfter(Throwable fault, TransactionStatus status) {
    try {
      transactions.rollback(status);
    } catch (RuntimeException e) {
      fault.addSuppressed(e);
    }
  }
}
