package org.mildlantern.core.repot;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;

/**
 * What media are mixed from. Rules of thumb.
 *
 * @param salts conductivity of a 1:2 extract, mS/cm
 * @param prepare what is done before it is used
 * @param minutes how long that takes to wait
 * @param mineral whether it is stone or burnt clay, which does not rot
 * @param instead what stands in for it, best first
 */
public record Material(
    String id,
    Grain grain,
    double salts,
    Lime lime,
    String prepare,
    int minutes,
    boolean mineral,
    List<String> instead) {

  /** Size of its pieces. */
  public enum Grain {
    @JsonProperty("coarse")
    COARSE,
    @JsonProperty("medium")
    MEDIUM,
    @JsonProperty("fine")
    FINE
  }

  /** What it does to the alkalinity of water. */
  public enum Lime {
    @JsonProperty("raises")
    RAISES("raises the pH"),
    @JsonProperty("neutral")
    NEUTRAL("leaves the pH as it is"),
    @JsonProperty("lowers")
    LOWERS("lowers the pH");

    private final String label;

    Lime(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }
}
