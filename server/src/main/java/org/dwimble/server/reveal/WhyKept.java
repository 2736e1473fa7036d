package org.dwimble.server.reveal;

import java.util.Optional;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.told.Told;
import org.dwimble.server.told.Wording;
import org.springframework.stereotype.Component;

/** What keeps a button back from the student, in words that follow its name. */
@Component
public class WhyKept {
    private final Wording wording;

    WhyKept(Wording wording) {
        this.wording = wording;
    }

    /** Empty if it is shown. */
    public Optional<String> of(Vocabulary vocabulary, Revealed revealed, Button button) {
        return Optional.ofNullable(revealed.why(button)).map(kept -> {
            int step = vocabulary.plan().numberOf(button.shown().step());
            return wording.of(kept == Revealed.Kept.WAITS && step > 0 ? Told.of("kept-for-step", "number", step, "name", vocabulary.plan().steps()
                .get(step - 1).name())
                : Told.of("kept-back", "why", kept.name()));
        });
    }
}
