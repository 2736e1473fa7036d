/** Steps from one release's database to the next that SQL alone cannot take. Each is frozen once it has shipped. */
@NullMarked
package org.dwimble.server.database.migration;

import org.jspecify.annotations.NullMarked;
