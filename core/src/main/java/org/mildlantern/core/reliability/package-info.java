/** How far the diagnosis can be trusted: hit rates on written cases and calibration. */
package org.mildlantern.core.reliability;
