package org.mildlantern.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.support.SimpleTransactionStatus;

class OneTransactionTest {
  private final PlatformTransactionManager transactions = mock(PlatformTransactionManager.class);
  private final OneTransaction one = new OneTransaction(transactions);
  private final AtomicInteger runs = new AtomicInteger();

  @BeforeEach
  void begins() {
    when(transactions.getTransaction(any())).thenAnswer(call -> new SimpleTransactionStatus());
  }

  @Test
  void whatIsDoneIsStored() throws Exception {
    assertThat(one.run(() -> "done")).isEqualTo("done");
    verify(transactions).commit(any());
    verify(transactions, never()).rollback(any());
  }

  @Test
  void whatIsRefusedOrFailsLeavesNothing() throws Exception {
    assertThat(one.run(() -> "shown", () -> true)).isEqualTo("shown");
    assertThatThrownBy(
            () ->
                one.run(
                    () -> {
                      throw new IllegalStateException("no");
                    }))
        .hasMessage("no");
    verify(transactions, times(2)).rollback(any());
    verify(transactions, never()).commit(any());
  }

  @Test
  void whatGotInTheWayOfOthersIsDoneAgainFromTheStart() throws Exception {
    String done =
        one.run(
            () -> {
              if (runs.incrementAndGet() < 3) {
                throw new DuplicateKeyException("the same code");
              }
              return "done";
            });
    assertThat(done).isEqualTo("done");
    verify(transactions, times(2)).rollback(any());
    verify(transactions).commit(any());
  }

  @Test
  void butNotForEver() {
    assertThatThrownBy(
            () ->
                one.run(
                    () -> {
                      runs.incrementAndGet();
                      throw new CannotAcquireLockException("again");
                    }))
        .isInstanceOf(CannotAcquireLockException.class);
    assertThat(runs).hasValue(4);
  }

  @Test
  void whatWentWrongFirstIsToldWhereNothingCanBeUndone() {
    doThrow(new TransactionSystemException("the line is cut")).when(transactions).rollback(any());
    assertThatThrownBy(
            () ->
                one.run(
                    () -> {
                      throw new IllegalStateException("no");
                    }))
        .hasMessage("no")
        .satisfies(fault -> assertThat(fault.getSuppressed()).hasSize(1));
  }
}
