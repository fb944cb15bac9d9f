/**
 * Simulated stand-ins for devices: a scale under a pot and a moisture probe. They know nothing of
 * the app but its open interface.
 */
package org.mildlantern.devices;
