package org.dwimble.server.collection;

import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.compose.Composition;
import org.dwimble.core.credit.Credit;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.picture.Shows;
import org.dwimble.core.told.Told;
import org.dwimble.server.account.Account;
import org.dwimble.server.media.MadeOf;
import org.dwimble.server.media.Photo;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
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

    /**
     * What is known of a picture put together: it shows nobody there is, and is as free as its parts.
     *
     * @param student whose it is, with {@link OwnPicture.Audience#STUDENT}; else null
     */
    public OwnPicture about(Composition composition, String word, List<String> categories, OwnPicture.Audience audience, @Nullable String student) {
        List<Credit> credits = composition.credits();
        return new OwnPicture(List.of(word), categories, audience, student, Shows.NOBODY, OwnPicture.Origin.LICENCE, joined(credits, Credit::author),
            joined(credits, c -> wording.of(Objects.requireNonNull(c.licence()))), joined(credits, c -> wording.of(c.source())));
    }

    private static String joined(List<Credit> credits, Function<Credit, String> what) {
        return credits.stream().map(what).distinct().collect(Collectors.joining(", "));
    }

    /** Keeps what a picture was put together of. The same again is one with what was known of it. */
    public OwnPictureView keep(Composition composition, OwnPicture about, Account account) {
        byte[] bytes = MadeOf.written(composition);
        String hash = ContentHash.hex(bytes);
        Optional<Long> id = own.takenInAgain(about, hash, account).or(() -> own.keep(about, hash, hash, MadeOf.TYPE, bytes, account, clock.instant()))
            .or(() -> own.takenInAgain(about, hash, account));
        return OwnPictureView.of(own.find(id.orElseThrow(), account).orElseThrow(), own.boardsWith(), account);
    }

    private OwnPictureView.TakenIn taken(long id, Account account, boolean before, List<Told> leftOut) {
        String said = leftOut.stream().map(wording::of).collect(Collectors.joining(" "));
        OwnPictureView view = OwnPictureView.of(own.find(id, account).orElseThrow(), own.boardsWith(), account);
        return new OwnPictureView.TakenIn(view, before, said.isEmpty() ? null : said);
    }
}
