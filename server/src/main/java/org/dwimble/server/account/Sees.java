package org.dwimble.server.account;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The one question for whatever goes on showing something after it was asked for, as streams and results of work do: may this person see it now? */
@Component
public class Sees {
    private final Map<String, Seen> kinds;

    Sees(List<Seen> kinds) {
        this.kinds = kinds.stream().collect(Collectors.toMap(Seen::kind, Function.identity()));
    }

    /** Nobody may see what is of no kind that anybody knows. */
    public boolean may(String kind, String id, Account account) {
        Seen known = kinds.get(kind);
        return known != null && known.may(id, account);
    }

    /** @param thing as kind and id, such as {@code list:5} */
    public boolean may(String thing, Account account) {
        int colon = thing.indexOf(':');
        return colon > 0 && may(thing.substring(0, colon), thing.substring(colon + 1), account);
    }
}
