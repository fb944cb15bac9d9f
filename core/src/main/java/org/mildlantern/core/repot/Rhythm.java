package org.mildlantern.core.repot;

import java.util.List;

/**
 * How often kinds are repotted where not their medium alone decides. Rules of thumb.
 *
 * @param of names of genera and ids of kinds
 * @param years least and most between two repottings
 * @param tight whether it likes a full pot
 * @param bare whether its roots may be bared; null for yes
 * @param never whether it is raised anew in place of being repotted
 */
public record Rhythm(
    String id,
    List<String> of,
    List<Double> years,
    boolean tight,
    Boolean bare,
    boolean never,
    String say) {

  public double meanYears() {
    return (years.get(0) + years.get(1)) / 2;
  }

  public boolean rootsMayBeBared() {
    return bare == null || bare;
  }
}
