package org.dwimble.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.doing.AddName;
import org.dwimble.core.doing.SayText;
import org.dwimble.core.doing.ShowList;
import org.dwimble.core.voice.HowSaid;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.When;
import org.junit.jupiter.api.Test;

class TalkPackTest {
    private static final String OWN = "own/" + "ab".repeat(32);

    private static Button button(int column, String label, Acts acts) {
        return Button.word("b" + column, new Cell(0, column), label, "core/" + label, Kind.THING).withActs(acts);
    }

    private static Vocabulary with(Button... buttons) {
        return vocabulary(board("home", "I . . . . . .", ". . . . . . .").withButtons(List.of(buttons)), board("sea", "crab eel", ". ."));
    }

    @Test
    void whatIsSeenAndHeardIsInItOnce() {
        TalkPack pack = TalkPack.of(with(button(0, "gull", Acts.SPEAK), button(1, "seal", Acts.SPEAK.withSound(OWN)),
            button(2, "ferry", Acts.SPEAK.withHow(new HowSaid(Manner.SHOUTED, When.AT_ONCE, "/ferri/"))),
            button(3, "me", new Acts(Says.NOTHING, null, List.of(new AddName()), Leads.STAYS)),
            button(4, "book", new Acts(Says.NOTHING, null, List.of(new ShowList(7), new SayText("once upon a tide")), Leads.STAYS))), "Wren");
        assertThat(pack.pictures()).containsExactly("core/gull", "core/seal", "core/ferry", "core/me", "core/book");
        assertThat(pack.sounds()).containsExactly(OWN);
        assertThat(pack.spoken()).extracting(TalkPack.Aloud::text).as("the recorded word needs no voice")
            .contains("gull", "/ferri/", "Wren", "once upon a tide",
                "crab")
            .doesNotContain("seal").doesNotHaveDuplicates();
        assertThat(pack.spoken()).contains(new TalkPack.Aloud("/ferri/", Manner.SHOUTED));
        assertThat(pack.lists()).containsExactly(7L);
    }

    @Test
    void aWordThatIsSaidWithTheMessageAloneIsInItToo() {
        TalkPack pack = TalkPack.of(with(button(0, "gull", Acts.SPEAK.withHow(new HowSaid(Manner.PLAINLY, When.WITH_MESSAGE, null)))), "");
        assertThat(pack.spoken()).contains(new TalkPack.Aloud("gull", Manner.PLAINLY));
    }
}
