package org.dwimble.core.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import org.dwimble.core.ShippedLibrary;
import org.dwimble.core.board.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WordFormsTest {
    private final WordForms forms = WordForms.english();

    @ParameterizedTest
    @CsvSource({"go, goes, went, going", "have, has, had, having", "do, does, did, doing", "make, makes, made, making", "stop, stops, stopped, stopping",
        "swim, swims, swam, swimming", "carry, carries, carried, carrying", "play, plays, played, playing", "lie, lies, lay, lying", "see, sees, saw, seeing",
        "fix, fixes, fixed, fixing", "wash, washes, washed, washing", "visit, visits, visited, visiting", "listen, listens, listened, listening",
        "begin, begins, began, beginning", "travel, travels, travelled, travelling", "open, opens, opened, opening", "cut, cuts, cut, cutting",
        "put, puts, put, putting", "want, wants, wanted, wanting", "like, likes, liked, liking", "eat, eats, ate, eating", "run, runs, ran, running",
        "snow, snows, snowed, snowing", "cry, cries, cried, crying", "hug, hugs, hugged, hugging", "quit, quits, quit, quitting",
        "show, shows, showed, showing",
        "pick up, picks up, picked up, picking up", "read, reads, read, reading", "jump, jumps, jumped, jumping", "help, helps, helped, helping",
        "look, looks, looked, looking", "write, writes, wrote, writing", "think, thinks, thought, thinking", "dance, dances, danced, dancing",
        "echo, echoes, echoed, echoing", "dye, dyes, dyed, dyeing", "canoe, canoes, canoed, canoeing"})
    void whatIsDoneHasThreeForms(String word, String present, String past, String goingOn) {
        FormsOf of = forms.of(word, Kind.DO);
        assertThat(of.present()).isEqualTo(present);
        assertThat(of.past()).isEqualTo(past);
        assertThat(of.goingOn()).isEqualTo(goingOn);
        assertThat(of.plural()).isNull();
    }

    @ParameterizedTest
    @CsvSource({"child, children, child’s", "ball, balls, ball’s", "baby, babies, baby’s", "box, boxes, box’s", "fish, fish, fish’s", "toy, toys, toy’s",
        "potato, potatoes, potato’s", "photo, photos, photo’s", "knife, knives, knife’s", "bus, buses, bus’s", "ice cream, ice creams, ice cream’s",
        "mouse, mice, mouse’s", "person, people, person’s", "brush, brushes, brush’s", "sheep, sheep, sheep’s", "milk, , milk’s", "foot, feet, foot’s"})
    void aThingHasMoreThanOneAndWhatBelongsToIt(String word, String plural, String somebodys) {
        FormsOf of = forms.of(word, Kind.THING);
        assertThat(of.plural()).isEqualTo(plural);
        assertThat(of.somebodys()).isEqualTo(word.equals("bus") ? "bus’" : somebodys);
        assertThat(of.past()).isNull();
    }

    @Test
    void aDescribingWordHasNoneAndOneOfUnknownKindHasAll() {
        assertThat(forms.of("happy", Kind.DESCRIBING).all()).containsExactly("happy");
        assertThat(forms.of("fish", null).all()).containsExactly("fish", "fish’s", "fishes", "fished", "fishing");
    }

    @ParameterizedTest
    @CsvSource({"believe, believe", "believed, believe", "believing, believe", "harbours, harbour", "mice, mouse", "rated, rate", "went, go",
        "HARBOUR, harbour"})
    void aWordThatStandsOnNoBoardHasThoseOfTheWordItIsAFormOf(String met, String word) {
        assertThat(forms.ofAny(met, ShippedLibrary.KINDS).orElseThrow().word()).isEqualTo(word);
    }

    @ParameterizedTest
    @ValueSource(strings = {"the", "because", "purple", "often", "zzyzzy", "b", ""})
    void whatHasNoFormsOrIsNoWordHasNone(String met) {
        assertThat(forms.ofAny(met, ShippedLibrary.KINDS)).isEmpty();
    }
}
