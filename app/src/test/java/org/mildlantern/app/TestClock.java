package org.mildlantern.app;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.CountDownLatch;

/** A clock that stands still until a test moves it. */
public class TestClock extends Clock {
  private volatile Instant now;
  private volatile CountDownLatch held = new CountDownLatch(0);

  TestClock(Instant now) {
    this.now = now;
  }

  public void reset() {
    now = Keepers.NOW;
    release();
  }

  public void forward(Duration time) {
    now = now.plus(time);
  }

  /** Whoever asks for the time from now on waits for {@link #release}: a server that is late. */
  public void hold() {
    held = new CountDownLatch(1);
  }

  public void release() {
    held.countDown();
  }

  @Override
  public ZoneId getZone() {
    return ZoneOffset.UTC;
  }

  @Override
  public Clock withZone(ZoneId zone) {
    return this;
  }

  @Override
  public Instant instant() {
    try {
      held.await();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    return now;
  }
}
