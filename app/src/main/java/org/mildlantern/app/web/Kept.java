package org.mildlantern.app.web;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * On the handler of a page that shows nothing but what the collection holds on a day, under its
 * address: once written it is given out again until the collection changes.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Kept {}
