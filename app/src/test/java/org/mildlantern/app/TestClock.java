package org.mildlantern.app;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that stands still until a test moves it. */
public class TestClock extends Clock {
  private Instant now;

  TestClock(Instant now) {
    this.now = now;
  }

  public void reset() {
    now = Keepers.NOW;
  }

  public void forward(Duration time) {
    now = now.plus(time);
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
    return now;
  }
}
