/**
 * Devices that measure air and light at places: where they are, what they read, and what of it
 * counts.
 */
package org.mildlantern.app.sensors;
