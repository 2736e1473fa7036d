package org.dwimble.core.doing;

import java.util.List;
import java.util.Optional;
import org.dwimble.core.told.Unacceptable;
import tools.jackson.databind.node.IntNode;

/**
 * Shows a word that is offered while one is spelt, and takes it when it is tapped. How many there are is how many words are offered.
 *
 * @param place which of them, 1 to {@value #MOST}
 */
public record OfferWord(int place) implements Doing {
    public static final int MOST = 20;
    static final Sort<OfferWord> SORT = Sort.with(OfferWord.class, "offer-word", d -> IntNode.valueOf(d.place),
        v -> Optional.of(v).filter(n -> n.isInt()).map(n -> new OfferWord(n.intValue())).orElse(null));

    public OfferWord {
        if (place < 1 || place > MOST) {
            throw new Unacceptable("doing-unknown");
        }
    }

    @Override
    public Sort<OfferWord> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Offered(place));
    }
}
