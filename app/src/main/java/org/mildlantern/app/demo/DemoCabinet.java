package org.mildlantern.app.demo;

import java.util.List;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.label.LabelReader;
import org.mildlantern.core.label.LabelReading;
import org.mildlantern.core.label.LabelUse;
import org.mildlantern.core.label.Product;
import org.mildlantern.core.label.Region;
import org.springframework.stereotype.Component;

/** Writes the demo's cabinet, patch tests and trap counts. */
@Component
class DemoCabinet {
  private final DemoRows rows;

  DemoCabinet(DemoRows rows) {
    this.rows = rows;
  }

  void bottle(Sheet bottle) {
    long id =
        rows.row("cabinet_item")
            .with("name", bottle.text("name"))
            .with("means", bottle.text("means"))
            .with("unit", bottle.text("unit"))
            .with("amount_left", bottle.number("left"))
            .with("stock_percent", bottle.has("stock") ? bottle.number("stock") : null)
            .with("opened_on", rows.day(bottle.days("opened")))
            .with("expires_on", rows.day(bottle.days("expires")))
            .save();
    bottle.list("rates").forEach(rate -> rate(id, rate, bottle.text("unit")));
  }

  private void rate(long bottle, Sheet sheet, String unit) {
    LabelRate rate =
        ((LabelReading.Read)
                LabelReader.read(sheet.text("printed"), Product.countedIn(unit), Region.EU))
            .rate();
    rows.row("cabinet_rate")
        .with("item_id", bottle)
        .with("used_for", sheet.text("for"))
        .with("rate", rate.printed())
        .with("as_read", rate.asRead())
        .with("least", rate.least())
        .with("most", rate.most())
        .with("what", rate.what().name())
        .with("per", rate.per().name())
        .with("crop", LabelUse.Crop.INDOORS.name())
        .with("method", sheet.text("method"))
        .save();
  }

  void patchTest(long plant, Sheet test) {
    int begun = test.days("ago");
    String what = "horticultural soap";
    rows.row("patch_test")
        .with("plant_id", plant)
        .with("means", test.text("means"))
        .with("begun_on", rows.day(begun))
        .with("result", test.text("result"))
        .with(
            "begun_entry_id",
            rows.entry(
                    plant,
                    begun,
                    12,
                    new Looked(Looked.What.PATCH, null),
                    "Patch test begun: " + what)
                .save())
        .with(
            "read_entry_id",
            rows.entry(
                    plant,
                    begun - 2,
                    12,
                    new Looked(Looked.What.PATCH, null),
                    "Patch test read: " + what + ", the leaf is clean")
                .save())
        .save();
  }

  void traps(long place, Sheet traps) {
    List<?> ago = (List<?>) traps.get("ago");
    List<?> counted = (List<?>) traps.get("counted");
    for (int i = 0; i < ago.size(); i++) {
      rows.row("trap_count")
          .with("place_id", place)
          .with("counted_on", rows.day(((Number) ago.get(i)).intValue()))
          .with("traps", traps.days("traps"))
          .with("counted", counted.get(i))
          .save();
    }
  }
}
