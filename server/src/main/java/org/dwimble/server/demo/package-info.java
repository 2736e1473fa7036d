/** The demo: the school at the estuary, with made-up people and weeks of made-up work. Only in the profile {@code demo}. */
@NullMarked
package org.dwimble.server.demo;

import org.jspecify.annotations.NullMarked;
