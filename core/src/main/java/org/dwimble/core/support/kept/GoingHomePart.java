package org.dwimble.core.support.kept;

import java.util.List;
import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.GoingHome;
import org.dwimble.core.support.GoingHome.Section;
import tools.jackson.databind.node.ObjectNode;

/** What goes home, as kept; its sections are one piece. */
final class GoingHomePart extends Part<GoingHome> {
    private static final List<Section> SECTIONS = List.of(new Section("What we did", 3), new Section("How I felt", 4), new Section("What I ate", 3),
        new Section("What I need", 3));
    private final Field<GoingHome, String> heading = field("heading", As.TEXT, "My day", GoingHome::heading);
    private final Field<GoingHome, List<Section>> sections = field("sections", As.list(As.part(new SectionPart())), SECTIONS, GoingHome::sections);
    private final Field<GoingHome, Integer> lines = field("lines", As.NUMBER, 2, GoingHome::lines);

    @Override
    protected GoingHome made(ObjectNode json) {
        return new GoingHome(heading.in(json), sections.in(json), lines.in(json));
    }

    private static final class SectionPart extends Part<Section> {
        private final Field<Section, String> called = field("called", As.TEXT, "", Section::called);
        private final Field<Section, Integer> words = field("words", As.NUMBER, 3, Section::words);

        @Override
        protected Section made(ObjectNode json) {
            return new Section(called.in(json), words.in(json));
        }
    }
}
