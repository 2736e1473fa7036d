package org.dwimble.core.access.kept;

import java.util.List;
import org.dwimble.core.access.Access;
import org.dwimble.core.access.Blocks;
import org.dwimble.core.access.Scanning;
import org.dwimble.core.access.Switch;
import org.dwimble.core.access.Touching;
import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Json;
import org.dwimble.core.document.Part;
import org.dwimble.core.measure.Length;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ObjectNode;

/** A student's access as it is kept: JSON in which what is as usual is left out. */
public final class KeptAccess {
    private static final class TouchingPart extends Part<Touching> {
        private final Field<Touching, Touching.When> when = field("when", As.word(Touching.When.class), Touching.When.ON_RELEASE, Touching::when);
        private final Field<Touching, Integer> restMs = field("rest", As.NUMBER, 600, Touching::restMs);
        private final Field<Touching, Integer> againMs = field("again", As.NUMBER, 0, Touching::againMs);
        private final Field<Touching, Length> slip = field("slip", As.LENGTH, Length.ZERO, Touching::slip);
        private final Field<Touching, Length> edge = field("edge", As.LENGTH, Length.ZERO, Touching::edge);

        @Override
        protected Touching made(ObjectNode json) {
            return new Touching(when.in(json), restMs.in(json), againMs.in(json), slip.in(json), edge.in(json));
        }
    }

    private static final class SwitchPart extends Part<Switch> {
        private final Field<Switch, Switch.Sort> sort = field("sort", As.word(Switch.Sort.class), Switch.Sort.KEY, Switch::sort);
        private final Field<Switch, String> of = field("of", As.TEXT, "", Switch::of);

        @Override
        protected Switch made(ObjectNode json) {
            return new Switch(sort.in(json), of.in(json));
        }
    }

    private static final class BlocksPart extends Part<Blocks> {
        private final Field<Blocks, Integer> rows = field("rows", As.NUMBER, 1, Blocks::rows);
        private final Field<Blocks, Integer> columns = field("columns", As.NUMBER, 1, Blocks::columns);
        private final Field<Blocks, List<Integer>> cells = field("cells", As.list(As.NUMBER), List.of(), Blocks::cells);

        @Override
        protected Blocks made(ObjectNode json) {
            return new Blocks(rows.in(json), columns.in(json), cells.in(json));
        }
    }

    private static final class ScanningPart extends Part<Scanning> {
        private final Field<Scanning, Scanning.Way> way = field("way", As.word(Scanning.Way.class), Scanning.Way.ROWS, Scanning::way);
        private final Field<Scanning, Integer> stepMs = field("step", As.NUMBER, 1_500, Scanning::stepMs);
        private final Field<Scanning, Integer> firstMs = field("first", As.NUMBER, 500, Scanning::firstMs);
        private final Field<Scanning, Integer> loops = field("loops", As.NUMBER, 3, Scanning::loops);
        private final Field<Scanning, Boolean> cue = field("cue", As.FLAG, false, Scanning::cue);
        private final Field<Scanning, Switch> taking = field("taking", As.part(new SwitchPart()), Switch.SPACE, Scanning::taking);
        private final Field<Scanning, Switch> stepping = field("stepping", As.part(new SwitchPart()), null, Scanning::stepping);
        private final Field<Scanning, Integer> chatterMs = field("chatter", As.NUMBER, 250, Scanning::chatterMs);
        private final Field<Scanning, List<Blocks>> blocks = field("blocks", As.list(As.part(new BlocksPart())), List.of(), Scanning::blocks);

        @Override
        protected Scanning made(ObjectNode json) {
            return new Scanning(way.in(json), stepMs.in(json), firstMs.in(json), loops.in(json), cue.in(json), taking.in(json), stepping.orNone(json),
                chatterMs.in(json), blocks.in(json));
        }
    }

    private static final class AccessPart extends Part<Access> {
        private final Field<Access, Touching> touching = field("touching", As.part(new TouchingPart()), Touching.USUAL, Access::touching);
        private final Field<Access, Scanning> scanning = field("scanning", As.part(new ScanningPart()), null, Access::scanning);

        @Override
        protected Access made(ObjectNode json) {
            return new Access(touching.in(json), scanning.orNone(json));
        }
    }

    private static final AccessPart PART = new AccessPart();

    private KeptAccess() {
    }

    /** @return null if it is as usual */
    public static @Nullable String write(Access access) {
        return access.equals(Access.USUAL) ? null : PART.write(access).toString();
    }

    /** @param kept null for the usual */
    public static Access read(@Nullable String kept) {
        return kept == null ? Access.USUAL : PART.read((ObjectNode) Json.mapper().readTree(kept));
    }
}
