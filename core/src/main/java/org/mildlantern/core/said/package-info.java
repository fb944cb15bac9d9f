/**
 * What a keeper says, read into findings and circumstances: words by the lexicon, figures by their
 * units. Nothing is invented; what was not understood is given back.
 */
package org.mildlantern.core.said;
