package org.mildlantern.app.demo;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The demo’s batches of new plants. */
@Component
class DemoRaising {
  private static final List<String> STEPS = List.of("taken", "rooted", "potted", "lost");

  private final DemoRows rows;

  DemoRaising(DemoRows rows) {
    this.rows = rows;
  }

  /**
   * Writes one.
   *
   * @param plants ids by code
   */
  void batch(int number, Sheet batch, Map<String, Long> plants) {
    DemoRows.Row row =
        rows.row("raising_batch")
            .with("number", number)
            .with("name", batch.text("name"))
            .with("way", batch.text("way"))
            .with("begun_on", rows.day(batch.days("begun")))
            .with("notes", batch.has("notes") ? batch.text("notes") : "");
    if (batch.has("plant")) {
      row.with("parent_id", plants.get(batch.text("plant")));
    }
    if (batch.has("seed")) {
      row.with("seed", batch.text("seed")).with("pollen", batch.text("pollen"));
    }
    if (batch.has("closed")) {
      row.with("closed_on", rows.day(batch.days("closed")));
    }
    long id = row.save();
    for (String step : STEPS) {
      if (batch.has(step)) {
        int ago = step.equals("taken") ? batch.days("begun") : batch.days("counted");
        rows.row("raising_count")
            .with("batch_id", id)
            .with("step", step.toUpperCase(Locale.ROOT))
            .with("number", batch.days(step))
            .with("day", rows.day(ago))
            .save();
      }
    }
  }
}
