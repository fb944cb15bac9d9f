package org.mildlantern.core.knowledge;

/**
 * The share of its volume that a material holds as water against suction, after van Genuchten
 * (1980): θ(h) = θr + (θs − θr) ÷ (1 + (α·h)^n)^(1 − 1/n).
 *
 * @param thetaR share at the dry end, 0 to 1
 * @param thetaS share when full, 0 to 1
 * @param alpha 1/cm
 * @param n above 1
 */
public record Retention(
    String id, String label, double thetaR, double thetaS, double alpha, double n, String source) {

  /** The share held at a suction of so many centimetres of water, 0 or more. */
  public double at(double suction) {
    return thetaR + (thetaS - thetaR) / Math.pow(1 + Math.pow(alpha * suction, n), 1 - 1 / n);
  }
}
