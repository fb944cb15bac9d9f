package org.mildlantern.app.diagnose;

import java.util.Set;
import org.mildlantern.app.records.RecordSource;
import org.mildlantern.app.records.Records;
import org.mildlantern.core.diagnosis.Shared;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Whether the plant shares its sign with others of its place or kind, as evidence. */
@Component
class SharedRecords implements RecordSource {
  private static final Words WORDS = Words.of(SharedRecords.class);

  private final SharedService shared;

  SharedRecords(SharedService shared) {
    this.shared = shared;
  }

  @Override
  public Set<String> fields() {
    return Set.of("shared-in-place", "shared-by-kind");
  }

  @Override
  public boolean ofPlantAlone() {
    return false;
  }

  @Override
  public void read(Asked asked, Records records) {
    for (Shared.Cluster cluster : shared.clusters(asked::kept)) {
      if (cluster.plants().contains(asked.plant().id())) {
        records.choice(
            cluster.ofPlace() ? "shared-in-place" : "shared-by-kind",
            "yes",
            WORDS.say("shared", cluster.plants().size()));
      }
    }
  }
}
