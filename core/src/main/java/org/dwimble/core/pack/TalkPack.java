package org.dwimble.core.pack;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.doing.Effect;
import org.dwimble.core.grammar.Fitting;
import org.dwimble.core.talk.Around;
import org.dwimble.core.talk.Talking;
import org.dwimble.core.talk.Tapped;
import org.dwimble.core.talk.Token;
import org.dwimble.core.voice.Manner;

/**
 * What is seen and heard while talking with a vocabulary, besides the boards themselves: all of it, whatever the student is shown today, because what is
 * shown may change while there is no network. Each once, the home board’s first, then board by board.
 *
 * @param pictures ids of pictures on buttons
 * @param sounds   ids of sounds that are heard in place of a voice
 * @param spoken   what a voice says when a button is tapped, or when a message with its word is said
 * @param lists    numbers of lists that are shown over a board
 */
public record TalkPack(List<String> pictures, List<String> sounds, List<Aloud> spoken, List<Long> lists) {
    /** @param text what a voice is given */
    public record Aloud(String text, Manner manner) {
    }

    /** @param name of the student, which buttons may say; empty if it is nobody’s */
    public static TalkPack of(Vocabulary vocabulary, String name) {
        Gathering all = new Gathering(new Around(vocabulary.home(), vocabulary.boards()::containsKey, new Fitting(List.of()), name, List.of()));
        all.gather(vocabulary.homeBoard());
        vocabulary.boards().values().forEach(all::gather);
        return new TalkPack(List.copyOf(all.pictures), List.copyOf(all.sounds), List.copyOf(all.spoken), List.copyOf(all.lists));
    }

    private static final class Gathering {
        private final Set<String> pictures = new LinkedHashSet<>();
        private final Set<String> sounds = new LinkedHashSet<>();
        private final Set<Aloud> spoken = new LinkedHashSet<>();
        private final Set<Long> lists = new LinkedHashSet<>();
        private final Around around;

        Gathering(Around around) {
            this.around = around;
        }

        void gather(Board board) {
            Talking here = Talking.at(board.id());
            for (Button button : board.buttons()) {
                pictures.addAll(button.pictures());
                Tapped tapped = here.tap(button, around);
                Collection<Effect.Performed> performed = new ArrayList<>(tapped.performed());
                performed.addAll(Token.said(tapped.after().message()));
                performed.forEach(this::gather);
            }
        }

        private void gather(Effect.Performed effect) {
            if (effect instanceof Effect.Show show) {
                lists.add(show.list());
            } else if (effect instanceof Effect.Say say && say.sound() != null) {
                sounds.add(say.sound());
            } else if (effect instanceof Effect.Say say && !say.spoken().isBlank()) {
                spoken.add(new Aloud(say.spoken(), say.manner()));
            }
        }
    }
}
