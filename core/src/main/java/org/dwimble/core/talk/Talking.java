package org.dwimble.core.talk;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.doing.AddSpace;
import org.dwimble.core.doing.ClearMessage;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.SayMessage;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.doing.TakeLastOff;
import org.jspecify.annotations.Nullable;

/**
 * Where the student is and what has been said so far.
 *
 * @param trail boards that led here, the last one last
 * @param once  where in the trail the next word comes back to; -1 if nowhere
 */
public record Talking(String board, List<String> trail, List<Token> message, int once) {
    public Talking {
        trail = List.copyOf(trail);
        message = List.copyOf(message);
    }

    public Talking(String board, List<String> trail, List<Token> message) {
        this(board, trail, message, -1);
    }

    public static Talking at(String board) {
        return new Talking(board, List.of(), List.of());
    }

    /** The message as it is spoken whole. */
    public String spoken() {
        return message.stream().map(Token::text).collect(Collectors.joining(" "));
    }

    /**
     * One tap: the doings in their order, then the words, then the way. Words are said only by a button without
     * doings. The way back from where nothing led is home; home forgets the way.
     *
     * @param exists whether a board with this id is there to be opened
     */
    public Tapped tap(Button button, String home, Predicate<String> exists) {
        List<Token> now = new ArrayList<>(message);
        String speak = null;
        for (Doing doing : button.doings()) {
            String said = done(doing, now);
            speak = said == null ? speak : said;
        }
        String words = words(button);
        if (button.doings().isEmpty() && !words.isEmpty()) {
            now.replaceAll(Token::ended);
            now.add(new Token(words, button.layers(), false));
            speak = words;
        }
        Talking said = new Talking(board, trail, now, once);
        if (button.leads() instanceof Leads.Opens opens && !exists.test(opens.board())) {
            return new Tapped(said, speak, true);
        }
        boolean comesBack = once >= 0 && speak != null && button.doings().isEmpty() && button.leads() instanceof Leads.Stays;
        return new Tapped(comesBack ? new Talking(trail.get(once), trail.subList(0, once), now) : said.gone(button.leads(), home), speak, false);
    }

    /** Takes off the last letter of a word being spelt, else the last word. Letters are Unicode code points. */
    public Talking lastOff() {
        List<Token> now = new ArrayList<>(message);
        takeLastOff(now);
        return new Talking(board, trail, now, once);
    }

    private static @Nullable String done(Doing doing, List<Token> now) {
        if (doing instanceof Spell spell) {
            spell(now, spell.letters());
            return spell.letters();
        }
        if (doing instanceof SayMessage) {
            return now.stream().map(Token::text).collect(Collectors.joining(" "));
        }
        if (doing instanceof AddSpace) {
            now.replaceAll(Token::ended);
        } else if (doing instanceof TakeLastOff) {
            takeLastOff(now);
        } else if (doing instanceof ClearMessage) {
            now.clear();
        }
        return null;
    }

    private static void spell(List<Token> now, String letters) {
        Token last = now.isEmpty() ? null : now.get(now.size() - 1);
        if (last != null && last.spelled()) {
            now.set(now.size() - 1, new Token(last.text() + letters, last.layers(), true));
        } else {
            now.add(new Token(letters, List.of(), true));
        }
    }

    private static void takeLastOff(List<Token> now) {
        if (now.isEmpty()) {
            return;
        }
        Token last = now.remove(now.size() - 1);
        if (last.spelled() && last.text().codePointCount(0, last.text().length()) > 1) {
            now.add(new Token(last.text().substring(0, last.text().offsetByCodePoints(last.text().length(), -1)), last.layers(), true));
        }
    }

    private static String words(Button button) {
        if (button.says() instanceof Says.Words says) {
            return says.text();
        }
        return button.says() instanceof Says.Label ? button.label() : "";
    }

    private Talking gone(Leads leads, String home) {
        if (leads instanceof Leads.Home || leads instanceof Leads.Back && trail.isEmpty()) {
            return new Talking(home, List.of(), message);
        }
        if (leads instanceof Leads.Back) {
            int left = trail.size() - 1;
            return new Talking(trail.get(left), trail.subList(0, left), message, once < left ? once : -1);
        }
        if (!(leads instanceof Leads.Opens opens) || opens.board().equals(board)) {
            return this;
        }
        List<String> way = new ArrayList<>(trail);
        way.add(board);
        return opens.board().equals(home) ? new Talking(home, List.of(), message)
            : new Talking(opens.board(), way, message, opens.comesBack() && once < 0 ? trail.size() : once);
    }
}
