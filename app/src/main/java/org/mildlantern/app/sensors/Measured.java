package org.mildlantern.app.sensors;

/**
 * The air of a place as devices measured it lately.
 *
 * @param temperature mean of the last two weeks, °C, or null
 * @param humidity the same, %
 * @param coldest of the last three weeks, °C, or null
 * @param warmest the same
 * @param pane the coldest that a pane was in the last three weeks, °C, or null
 * @param dli light of the mean day of the last two weeks, mol/m², or null
 * @param days on which something was read
 */
public record Measured(
    Double temperature,
    Double humidity,
    Double coldest,
    Double warmest,
    Double pane,
    Double dli,
    int days) {
  /** Of a place where nothing was measured. */
  public static final Measured NOTHING = new Measured(null, null, null, null, null, null, 0);
}
