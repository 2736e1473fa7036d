package org.dwimble.core.talk;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.dwimble.core.board.Button;
import org.dwimble.core.doing.Effect;
import org.dwimble.core.doing.Form;
import org.dwimble.core.voice.HowSaid;
import org.dwimble.core.voice.When;

/** One tap while it is followed: the message as it becomes, and what is performed. */
final class Saying {
    private final List<Token> message;
    private final Button button;
    private final Around around;
    private final List<Effect.Performed> performed = new ArrayList<>();
    private boolean word;

    Saying(List<Token> message, Button button, Around around) {
        this.around = around;
        this.message = new ArrayList<>(message);
        this.button = button;
    }

    List<Token> message() {
        return message;
    }

    List<Effect.Performed> performed() {
        return performed;
    }

    /** Whether it said a word of its own, or had something heard in place of one. */
    boolean isWord() {
        return word;
    }

    void follow(Effect effect) {
        if (effect instanceof Effect.Performed other) {
            performed.add(other);
        } else if (effect instanceof Effect.Word) {
            word();
        } else if (effect instanceof Effect.Add add) {
            message.replaceAll(Token::ended);
            message.add(Token.of(add.words()));
        } else if (effect instanceof Effect.Letters letters) {
            spell(letters.letters());
        } else if (effect instanceof Effect.EndWord) {
            message.replaceAll(Token::ended);
        } else if (effect instanceof Effect.Formed formed) {
            form(formed.form());
        } else if (effect instanceof Effect.Offered offered) {
            offered(offered.place());
        } else if (effect instanceof Effect.Capital && !message.isEmpty()) {
            int last = message.size() - 1;
            message.set(last, message.get(last).withText(turned(message.get(last).text())));
        } else if (effect instanceof Effect.Name && !around.name().isEmpty()) {
            message.replaceAll(Token::ended);
            message.add(Token.of(around.name()));
            heard(around.name());
        } else if (effect instanceof Effect.LastLetter && !message.isEmpty()) {
            String text = message.get(message.size() - 1).text();
            performed.add(Effect.Say.plainly(text.substring(text.offsetByCodePoints(text.length(), -1))));
        } else if (effect instanceof Effect.TakeOff) {
            takeOff(message);
        } else if (effect instanceof Effect.Clear) {
            message.clear();
        } else if (effect instanceof Effect.SayAll) {
            performed.addAll(Token.said(message));
        }
    }

    private void word() {
        String words = button.spoken();
        HowSaid how = button.how();
        if (words.isEmpty() && button.sound() == null) {
            return;
        }
        word = true;
        if (!words.isEmpty() && how.when() != When.AT_ONCE) {
            message.replaceAll(Token::ended);
            message.add(new Token(words, button.layers(), false, button.sound(), how));
        }
        if (how.when() != When.WITH_MESSAGE || words.isEmpty()) {
            performed.add(new Effect.Say(words, Objects.requireNonNullElse(how.as(), words), button.sound(), how.manner()));
        }
    }

    /** A letter is heard as it is spelt, unless the button has its own way of saying it. */
    private void spell(String letters) {
        Token last = message.isEmpty() ? null : message.get(message.size() - 1);
        if (last != null && last.spelled()) {
            message.set(message.size() - 1, last.withText(last.text() + letters));
        } else {
            message.add(Token.spelling(letters));
        }
        heard(letters);
    }

    /** The word is heard in its form, unless the button has its own way of saying it; a recording of another form is not heard for it. */
    private void form(Form form) {
        if (message.isEmpty()) {
            return;
        }
        int last = message.size() - 1;
        String before = last == 0 ? null : message.get(last - 1).text();
        around.forms().changed(before, message.get(last).text(), form).ifPresent(made -> {
            message.set(last, new Token(made, message.get(last).layers(), false, null, HowSaid.USUAL));
            heard(made);
        });
    }

    /** Unless the button has its own way of saying it. */
    private void heard(String text) {
        if (button.spoken().isEmpty() && button.sound() == null) {
            performed.add(Effect.Say.plainly(text));
        }
    }

    private void offered(int place) {
        Token offered = place > around.offered().size() ? null : around.offered().get(place - 1);
        if (offered == null) {
            return;
        }
        if (!message.isEmpty() && message.get(message.size() - 1).spelled()) {
            message.remove(message.size() - 1);
        }
        message.add(offered);
        word = true;
        heard(offered.text());
    }

    private static String turned(String text) {
        int first = text.offsetByCodePoints(0, 1);
        String capital = text.substring(0, first).toUpperCase(Locale.ROOT);
        return (text.startsWith(capital) ? text.substring(0, first).toLowerCase(Locale.ROOT) : capital) + text.substring(first);
    }

    static void takeOff(List<Token> message) {
        if (message.isEmpty()) {
            return;
        }
        Token last = message.remove(message.size() - 1);
        if (last.spelled() && last.text().codePointCount(0, last.text().length()) > 1) {
            message.add(last.withText(last.text().substring(0, last.text().offsetByCodePoints(last.text().length(), -1))));
        }
    }
}
