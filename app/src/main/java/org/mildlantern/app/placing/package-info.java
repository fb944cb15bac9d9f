/** Who should stand where, over all places. */
package org.mildlantern.app.placing;
