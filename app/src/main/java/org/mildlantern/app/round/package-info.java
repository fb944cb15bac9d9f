/**
 * What may be due on a day: the port through which features put work on the round.
 *
 * <p>It knows plants and no feature. A feature implements {@link
 * org.mildlantern.app.round.RoundSource} and takes the answers of its own rows.
 */
@org.springframework.modulith.ApplicationModule(displayName = "Round")
package org.mildlantern.app.round;
