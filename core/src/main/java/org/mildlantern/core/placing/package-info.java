/** Who should stand where: plants onto spots by what each wishes and gives. */
package org.mildlantern.core.placing;
