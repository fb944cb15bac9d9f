package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Set;
import org.mildlantern.core.words.Sentence;

/**
 * A line of how to water.
 *
 * @param ways those of watering that it is for
 * @param on ways of life, forms or tags that it is for; none means all
 * @param when what must hold
 * @param unless what must not hold
 * @param say takes {@link #FIGURES}
 */
public record WaterLine(
    String id,
    List<Way> ways,
    List<String> on,
    List<String> notOn,
    Set<Fact> when,
    Set<Fact> unless,
    Sentence say) {

  /** What a line may put in; {@code air} is still or moving. */
  static final Set<String> FIGURES = Set.of("ml", "part", "cm", "hours", "limit", "air");

  /** How a plant is watered. */
  public enum Way {
    @JsonProperty("soaked")
    SOAKED,
    @JsonProperty("cup")
    CUP,
    @JsonProperty("bowl")
    BOWL,
    @JsonProperty("tray")
    TRAY,
    @JsonProperty("reservoir")
    RESERVOIR,
    @JsonProperty("wick")
    WICK,
    @JsonProperty("bog")
    BOG,
    @JsonProperty("mount")
    MOUNT,
    @JsonProperty("pot")
    POT
  }

  /** What may be so on the day. */
  public enum Fact {
    @JsonProperty("resting")
    RESTING,
    @JsonProperty("very-dry")
    VERY_DRY,
    @JsonProperty("drink-known")
    DRINK_KNOWN,
    @JsonProperty("no-holes")
    NO_HOLES,
    @JsonProperty("holes-not-known")
    HOLES_NOT_KNOWN,
    @JsonProperty("outer-pot")
    OUTER_POT,
    @JsonProperty("salt-shy")
    SALT_SHY,
    @JsonProperty("cold")
    COLD,
    @JsonProperty("left-off")
    LEFT_OFF,
    @JsonProperty("dries-in-hours")
    DRIES_IN_HOURS,
    @JsonProperty("dries-slowly")
    DRIES_SLOWLY
  }

  public WaterLine {
    on = on == null ? List.of() : on;
    notOn = notOn == null ? List.of() : notOn;
    when = when == null ? Set.of() : when;
    unless = unless == null ? Set.of() : unless;
  }

  /** Whether it is said of a plant that lives so. */
  public boolean fits(Living living, Way way, Set<Fact> facts) {
    return ways.contains(way)
        && (on.isEmpty() || living.isOneOf(on))
        && !living.isOneOf(notOn)
        && facts.containsAll(when)
        && unless.stream().noneMatch(facts::contains);
  }
}
