package org.dwimble.server.starter;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.Objects;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.obf.ObfReader;
import org.dwimble.core.obf.PackageLimits;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.starter.StarterSource;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.media.MediaStore;
import org.springframework.beans.factory.InitializingBean;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationInitializer;
import org.springframework.stereotype.Component;

/** Puts the packages of the starters that ship into the database before the first request. */
@Component
class StarterShelf implements InitializingBean {
    private final VocabularyStore store;
    private final MediaStore media;
    private final Clock clock;

    StarterShelf(VocabularyStore store, MediaStore media, Clock clock, FlywayMigrationInitializer afterMigration) {
        this.store = store;
        this.media = media;
        this.clock = clock;
    }

    @Override
    public void afterPropertiesSet() throws IOException, Refused {
        for (String id : StarterSource.SHIPPED) {
            Path copy = Files.createTempFile("dwimble-", ".obz");
            try (InputStream in = StarterShelf.class.getResourceAsStream("/starters/" + id + ".obz")) {
                if (in == null) {
                    throw new IllegalStateException("The starter " + id + " is not built.");
                }
                Files.copy(in, copy, StandardCopyOption.REPLACE_EXISTING);
                try (MediaStore.Incoming incoming = media.incoming()) {
                    Vocabulary read = new ObfReader(incoming, PackageLimits.USUAL).read(copy, id).vocabulary();
                    String about = Objects.requireNonNull(read.whole().extras().ofPackage().get("ext_dwimble_about")).asString();
                    store.keepStarter(id, about, read.with(read.whole().withExtras(Extras.NONE)), clock.instant());
                }
            } finally {
                Files.deleteIfExists(copy);
            }
        }
    }
}
