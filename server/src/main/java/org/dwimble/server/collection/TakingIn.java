package org.dwimble.server.collection;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.told.Told;
import org.dwimble.server.account.Account;
import org.dwimble.server.media.Photo;
import org.dwimble.server.told.Wording;
import org.springframework.stereotype.Component;

/** Taking pictures into the school's collection, whatever way they come. */
@Component
public class TakingIn {
    private final OwnPictures own;
    private final Wording wording;
    private final Clock clock;

    TakingIn(OwnPictures own, Wording wording, Clock clock) {
        this.own = own;
        this.wording = wording;
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
            return taken(known.get(), account, true, List.of());
        }
        Photo.Taken taken = Photo.take(bytes, name);
        Optional<Long> kept = own.keep(about, hash, ContentHash.hex(taken.bytes()), taken.type(), taken.bytes(), account, clock.instant());
        return kept.isEmpty() ? keep(bytes, about, name, account) : taken(kept.get(), account, false, taken.leftOut());
    }

    private OwnPictureView.TakenIn taken(long id, Account account, boolean before, List<Told> leftOut) {
        String said = leftOut.stream().map(wording::of).collect(Collectors.joining(" "));
        OwnPictureView view = OwnPictureView.of(own.find(id, account).orElseThrow(), own.boardsWith(), account);
        return new OwnPictureView.TakenIn(view, before, said.isEmpty() ? null : said);
    }
}
