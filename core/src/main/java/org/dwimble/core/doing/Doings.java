package org.dwimble.core.doing;

import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/** All sorts of doing this release knows, and how any is written down and read back. */
public final class Doings {
    static final List<Sort<? extends Doing>> SORTS = List.of(OwnWord.SORT, SayText.SORT, AddWords.SORT, Spell.SORT, AddSpace.SORT, TakeLastOff.SORT,
        ClearMessage.SORT, SayMessage.SORT, StopTalking.SORT, Louder.SORT, Quieter.SORT, Faster.SORT, Slower.SORT, Draw.SORT, ChangeForm.SORT, OfferForm.SORT,
        OfferWord.SORT, Capital.SORT, AddName.SORT, SayLetter.SORT, PassTurn.SORT, ShowList.SORT,
        OtherAction.SORT);

    private Doings() {
    }

    /** As a document keeps it. */
    public static JsonNode kept(Doing doing) {
        return doing instanceof OfLater later ? later.node() : doing.sort().keptBy(doing);
    }

    /** What a document keeps; what this release does not know is an {@link OfLater}, which is written back as it was. */
    public static Doing ofKept(JsonNode kept) {
        for (Sort<? extends Doing> sort : SORTS) {
            Optional<? extends Doing> read = sort.ofKept(kept);
            if (read.isPresent()) {
                return read.get();
            }
        }
        return new OfLater(kept.toString());
    }

    /** As the Open Board Format writes it; empty if that has no action for it. */
    public static Optional<JsonNode> action(Doing doing) {
        return doing.sort().actionOf(doing);
    }

    /** What an action of the Open Board Format does; empty if it is none that Dwimble does. */
    public static Optional<Doing> ofAction(JsonNode action) {
        for (Sort<? extends Doing> sort : SORTS) {
            Optional<? extends Doing> read = sort.ofAction(action);
            if (read.isPresent()) {
                return Optional.of(read.get());
            }
        }
        return Optional.empty();
    }
}
