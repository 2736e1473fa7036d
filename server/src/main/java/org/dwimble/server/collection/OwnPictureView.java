package org.dwimble.server.collection;

import java.util.Map;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.server.account.Account;
import org.jspecify.annotations.Nullable;

/**
 * An own picture as a client sees it.
 *
 * @param boards on how many boards in force it stands
 * @param mine   true if this account may change and delete it
 */
public record OwnPictureView(long id, String picture, OwnPicture about, String takenInBy, String madeAt, int boards, boolean mine) {

    /**
     * @param before true if this very file was taken in before: then there is still one picture, with the words of both
     * @param leftOut what was in it and is not kept, in words; null for nothing
     */
    public record TakenIn(OwnPictureView picture, boolean before, @Nullable String leftOut) {
    }

    static OwnPictureView of(OwnPictures.Kept kept, Map<String, Integer> boards, Account account) {
        return new OwnPictureView(kept.id(), kept.picture(), kept.about(), kept.ownerName(), kept.madeAt(),
            boards.getOrDefault(MediaId.hash(kept.picture()), 0), mayChange(kept, account));
    }

    static boolean mayChange(OwnPictures.Kept kept, Account account) {
        return kept.owner() == account.id() || account.admin();
    }
}
