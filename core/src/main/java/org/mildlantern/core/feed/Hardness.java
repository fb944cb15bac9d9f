package org.mildlantern.core.feed;

import java.util.Arrays;
import java.util.Optional;

/** Units of hardness and alkalinity, by the mg/l of CaCO₃ in one of each. */
public enum Hardness {
  PPM("ppm", "ppm CaCO₃", 1),
  /** German degree, 10 mg/l of CaO. */
  DH("dH", "°dH", 17.848),
  /** French degree. */
  FH("fH", "°fH", 10),
  /** English degree (Clark), a grain in an imperial gallon. */
  E("e", "°e", 14.254),
  /** Grains in a US gallon. */
  GRAINS("grains", "grains/US gal", 17.118),
  MMOL("mmol", "mmol/l", 100.09);

  private final String id;
  private final String label;
  private final double caco3;

  Hardness(String id, String label, double caco3) {
    this.id = id;
    this.label = label;
    this.caco3 = caco3;
  }

  public String id() {
    return id;
  }

  public String label() {
    return label;
  }

  public static Optional<Hardness> of(String id) {
    return Arrays.stream(values()).filter(unit -> unit.id.equals(id)).findFirst();
  }

  /** mg/l of CaCO₃. */
  public double ppm(double value) {
    return value * caco3;
  }

  public double from(double ppm) {
    return ppm / caco3;
  }
}
