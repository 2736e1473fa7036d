package org.dwimble.server.picture;

import java.util.List;
import org.dwimble.core.credit.Credit;
import org.dwimble.core.credit.Credits;
import org.dwimble.server.told.Wording;

/**
 * Whose some pictures are.
 *
 * @param licence  empty for none
 * @param pictures how many different ones; 1 or more
 */
public record CreditView(String source, String author, String licence, boolean onPaper, int pictures) {
    /** The one with most pictures first. */
    public static List<CreditView> of(Credits credits, Wording wording) {
        return credits.uses().stream().map(use -> {
            Credit credit = use.credit();
            return new CreditView(wording.of(credit.source()), credit.author(), credit.licence() == null ? "" : wording.of(credit.licence()), credit.onPaper(),
                use.pictures());
        }).toList();
    }
}
