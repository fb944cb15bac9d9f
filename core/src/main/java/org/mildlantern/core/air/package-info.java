/** Air: how much water it holds and wants, and what moistens a room. */
package org.mildlantern.core.air;
