package org.dwimble.core.doing;

import java.util.List;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Unacceptable;

/**
 * Says a text at once; nothing of it goes into the message.
 *
 * @param text 1 to {@value #MOST} characters
 */
public record SayText(String text) implements Doing {
    public static final int MOST = 1_000;
    static final Sort<SayText> SORT = Sort.withText(SayText.class, "say-text", SayText::text, SayText::new);

    public SayText {
        text = Text.tidy(text);
        if (text.isEmpty()) {
            throw new Unacceptable("no-words-to-say");
        }
        Text.atMost(MOST, "says", text);
    }

    @Override
    public Sort<SayText> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(Effect.Say.plainly(text));
    }
}
