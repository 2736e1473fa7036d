/** Plain {@code java.sql}, its repetition kept in one place: connections, transactions, binding, mapping. */
@NullMarked
package org.dwimble.server.database;

import org.jspecify.annotations.NullMarked;
