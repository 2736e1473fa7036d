package org.dwimble.server.collection;

import java.time.Clock;
import java.util.Optional;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.server.account.Account;
import org.dwimble.server.media.Photo;
import org.springframework.stereotype.Component;

/** Taking pictures into the school's collection, whatever way they come. */
@Component
public class TakingIn {
    private final OwnPictures own;
    private final Clock clock;

    TakingIn(OwnPictures own, Clock clock) {
        this.own = own;
        this.clock = clock;
    }

    /**
     * Keeps bytes that came in; what came before is one with what was known of it.
     *
     * @param name what the person calls the file
     * @throws Refused if the bytes are no picture; then nothing is kept
     */
    public OwnPictureView.TakenIn keep(byte[] bytes, OwnPicture about, String name, Account account) throws Refused {
        String hash = ContentHash.hex(bytes);
        Optional<Long> known = own.takenInAgain(about, hash, account);
        if (known.isPresent()) {
            return taken(known.get(), account, true);
        }
        Photo.Taken taken = Photo.take(bytes, name);
        Optional<Long> kept = own.keep(about, hash, ContentHash.hex(taken.bytes()), taken.type(), taken.bytes(), account, clock.instant());
        return kept.isEmpty() ? keep(bytes, about, name, account) : taken(kept.get(), account, false);
    }

    private OwnPictureView.TakenIn taken(long id, Account account, boolean before) {
        return new OwnPictureView.TakenIn(OwnPictureView.of(own.find(id, account).orElseThrow(), own.boardsWith(), account), before);
    }
}
