/**
 * Which causes fit what is seen on a plant and what its records say.
 *
 * <p>A Bayesian network of independent causes over signs (Pearl 1988), several causes combining by
 * noisy-OR with a leak (Henrion 1989), summed exactly over every set of up to three causes. {@link
 * org.mildlantern.core.diagnosis.Diagnostician} is the way in.
 */
package org.mildlantern.core.diagnosis;
