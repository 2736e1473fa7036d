/** The pages themselves, and what ships with the application from others. */
@NullMarked
package org.dwimble.server.notice;

import org.jspecify.annotations.NullMarked;
