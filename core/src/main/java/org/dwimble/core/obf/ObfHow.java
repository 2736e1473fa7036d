package org.dwimble.core.obf;

import java.util.function.Function;
import java.util.stream.Stream;
import org.dwimble.core.text.Text;
import org.dwimble.core.voice.HowSaid;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.When;
import tools.jackson.databind.node.ObjectNode;

/** How a button says what it says, in packages: the standard has nothing for it. */
final class ObfHow {
    static final String MANNER = "ext_dwimble_manner";
    static final String WHEN = "ext_dwimble_when";
    static final String AS = "ext_dwimble_say_as";

    private ObfHow() {
    }

    static void write(HowSaid how, ObjectNode json) {
        if (how.manner() != Manner.PLAINLY) {
            json.put(MANNER, how.manner().word());
        }
        if (how.when() != When.BOTH) {
            json.put(WHEN, how.when().word());
        }
        if (how.as() != null) {
            json.put(AS, how.as());
        }
    }

    static HowSaid read(ObjectNode json) {
        return new HowSaid(worded(Manner.values(), Manner::word, json.path(MANNER).asString(""), Manner.PLAINLY),
            worded(When.values(), When::word, json.path(WHEN).asString(""), When.BOTH),
            Text.cut(Text.tidy(json.path(AS).asString("")), HowSaid.MOST));
    }

    private static <T> T worded(T[] all, Function<T, String> word, String said, T usual) {
        return Stream.of(all).filter(one -> word.apply(one).equals(said)).findFirst().orElse(usual);
    }
}
