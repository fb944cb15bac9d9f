package org.mildlantern.app.feed;

import org.mildlantern.core.feed.Conductivity;

/** What a conductivity meter shows; the same figure means much else on another. */
enum MeterShows {
  US_CM("µS/cm", null),
  MS_CM("mS/cm (EC)", null),
  PPM_500("ppm, scale 500", Conductivity.Scale.S500),
  PPM_640("ppm, scale 640", Conductivity.Scale.S640),
  PPM_700("ppm, scale 700", Conductivity.Scale.S700);

  private final String label;
  private final Conductivity.Scale scale;

  MeterShows(String label, Conductivity.Scale scale) {
    this.label = label;
    this.scale = scale;
  }

  public String label() {
    return label;
  }

  double usCm(double reading) {
    return scale != null ? scale.ecUsCm(reading) : this == MS_CM ? reading * 1000 : reading;
  }
}
