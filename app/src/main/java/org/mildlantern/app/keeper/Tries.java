package org.mildlantern.app.keeper;

import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.distributed.proxy.ProxyManager;
import io.github.bucket4j.postgresql.Bucket4jPostgreSQL;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/**
 * Counts what strangers try: so many tries are free, and come back evenly within five minutes. The
 * counts live in the database, so that they hold for all instances.
 */
@Component
public class Tries {
  private static final Duration WINDOW = Duration.ofMinutes(5);

  private final ProxyManager<Long> buckets;

  Tries(DataSource dataSource) {
    this.buckets = Bucket4jPostgreSQL.selectForUpdateBasedBuilder(dataSource).build();
  }

  /**
   * Takes one try; false when none is left.
   *
   * @param key who tries what
   * @param tries how many are free
   */
  public boolean take(String key, int tries) {
    return bucket(key, tries).tryConsume(1);
  }

  /** Gives back a try that was none. */
  public void giveBack(String key, int tries) {
    bucket(key, tries).addTokens(1);
  }

  private Bucket bucket(String key, int tries) {
    long id = UUID.nameUUIDFromBytes(key.getBytes(StandardCharsets.UTF_8)).getMostSignificantBits();
    BucketConfiguration configuration =
        BucketConfiguration.builder()
            .addLimit(Bandwidth.builder().capacity(tries).refillGreedy(tries, WINDOW).build())
            .build();
    return buckets.builder().build(id, () -> configuration);
  }
}
