package org.dwimble.server.starter;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.obf.Media;
import org.dwimble.core.obf.ObfWriter;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.starter.StarterSource;
import org.dwimble.server.library.Library;
import org.dwimble.server.media.MediaStore;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.StringNode;

/** Builds the starters' readable sources into open-board packages; run by the build, into the folder given. */
public final class StarterPackages {
    private static final Media LIBRARY = new Media() {
        @Override
        public Kept keep(byte[] bytes, @Nullable String symbol) {
            throw new UnsupportedOperationException("only for writing");
        }

        @Override
        public Optional<Item> find(String id) {
            return MediaStore.libraryItem(id, Appearance.USUAL);
        }
    };

    private StarterPackages() {
    }

    public static void main(String[] args) throws IOException {
        Path folder = Files.createDirectories(Path.of(args[0]));
        StarterSource sources = new StarterSource(Library.readSearch(), Library.readKinds());
        for (String id : StarterSource.SHIPPED) {
            StarterSource.Starter starter = sources.shipped(id);
            Vocabulary vocabulary = starter.vocabulary();
            Extras about = Extras.ofPackage(Map.of("ext_dwimble_starter", StringNode.valueOf(starter.id()), "ext_dwimble_about",
                StringNode.valueOf(starter.about())));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            new ObfWriter(LIBRARY).obz(vocabulary.with(vocabulary.whole().withExtras(about)), out);
            Files.write(folder.resolve(id + ".obz"), out.toByteArray());
        }
    }
}
