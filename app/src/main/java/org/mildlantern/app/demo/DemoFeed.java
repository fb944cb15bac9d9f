package org.mildlantern.app.demo;

import java.util.List;
import org.springframework.stereotype.Component;

/** The demo’s waters and feeds. */
@Component
class DemoFeed {
  private static final List<String> OF_WATER =
      List.of("ec_us_cm", "hardness", "alkalinity", "sodium", "chloride", "ph");
  private static final List<String> OF_FEED =
      List.of(
          "n",
          "p",
          "k",
          "ca",
          "mg",
          "s",
          "fe",
          "nitrate",
          "ammonium",
          "urea",
          "density",
          "dose",
          "months");

  private final DemoRows rows;

  DemoFeed(DemoRows rows) {
    this.rows = rows;
  }

  void stock(Sheet demo) {
    for (Sheet water : demo.list("waters")) {
      figures(water, OF_WATER, rows.row("own_water"))
          .with("name", water.text("name"))
          .with("kind", water.text("kind"))
          .with("hardness_in", "DH")
          .with("disinfectant", water.text("disinfectant"))
          .save();
    }
    for (Sheet feed : demo.list("feeds")) {
      figures(feed, OF_FEED, rows.row("feed_product"))
          .with("name", feed.text("name"))
          .with("convention", feed.text("convention"))
          .with("liquid", feed.has("density"))
          .save();
    }
  }

  private static DemoRows.Row figures(Sheet from, List<String> columns, DemoRows.Row row) {
    for (String column : columns) {
      if (from.has(column)) {
        row.with(column, from.number(column));
      }
    }
    return row;
  }
}
