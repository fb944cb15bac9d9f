/** One change at a time: what to change, what not to do meanwhile, when to look again. */
package org.mildlantern.core.care;
