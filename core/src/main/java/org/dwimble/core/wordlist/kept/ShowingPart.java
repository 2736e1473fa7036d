package org.dwimble.core.wordlist.kept;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Json;
import org.dwimble.core.document.Part;
import org.dwimble.core.look.Colour;
import org.dwimble.core.showing.Book;
import org.dwimble.core.showing.Day;
import org.dwimble.core.showing.Showing;
import org.dwimble.core.showing.Walk;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** How a list is shown on a screen, as kept. */
final class ShowingPart extends Part<Showing> {
    private static final As<Map<String, Integer>> TIMES = As.of(times -> {
        ObjectNode json = Json.mapper().createObjectNode();
        times.forEach(json::put);
        return json;
    }, json -> {
        Map<String, Integer> times = new TreeMap<>();
        for (Map.Entry<String, JsonNode> entry : json.properties()) {
            times.put(entry.getKey(), As.NUMBER.read(entry.getValue()));
        }
        return times;
    });

    private static final class DayPart extends Part<Day> {
        private final Field<Day, Boolean> clock = field("clock", As.FLAG, false, Day::clock);
        private final Field<Day, Boolean> gone = field("gone", As.FLAG, false, Day::gone);
        private final Field<Day, Map<String, Integer>> times = field("times", TIMES, Map.of(), Day::times);

        @Override
        protected Day made(ObjectNode json) {
            return new Day(clock.in(json), gone.in(json), times.in(json));
        }
    }

    private static final class WalkPart extends Part<Walk> {
        private final Field<Walk, Boolean> itself = field("itself", As.FLAG, false, Walk::itself);

        @Override
        protected Walk made(ObjectNode json) {
            return new Walk(itself.in(json));
        }
    }

    private static final class RemarkPart extends Part<Book.Remark> {
        private final Field<Book.Remark, String> text = field("text", As.TEXT, "", Book.Remark::text);
        private final Field<Book.Remark, String> picture = field("picture", As.TEXT, null, Book.Remark::picture);

        @Override
        protected Book.Remark made(ObjectNode json) {
            return new Book.Remark(text.in(json), picture.orNone(json));
        }
    }

    private static final class BookPart extends Part<Book> {
        private final Field<Book, Book.Face> face = field("face", As.word(Book.Face.class), Book.Face.BOARDS, Book::face);
        private final Field<Book, Integer> size = field("size", As.NUMBER, 50, Book::size);
        private final Field<Book, Colour> paper = field("paper", As.COLOUR, null, Book::paper);
        private final Field<Book, List<Book.Remark>> remarks = field("remarks", As.list(As.part(new RemarkPart())), Book.USUAL.remarks(), Book::remarks);

        @Override
        protected Book made(ObjectNode json) {
            return new Book(face.in(json), size.in(json), paper.orNone(json), remarks.in(json));
        }
    }

    private final Field<Showing, Showing.As> as = field("as", As.word(Showing.As.class), null, Showing::as);
    private final Field<Showing, Day> day = field("day", As.part(new DayPart()), Day.USUAL, Showing::day);
    private final Field<Showing, Walk> walk = field("walk", As.part(new WalkPart()), Walk.USUAL, Showing::walk);
    private final Field<Showing, Book> book = field("book", As.part(new BookPart()), Book.USUAL, Showing::book);

    @Override
    protected Showing made(ObjectNode json) {
        return new Showing(as.orNone(json), day.in(json), walk.in(json), book.in(json));
    }
}
