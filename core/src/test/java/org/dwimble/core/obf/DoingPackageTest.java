package org.dwimble.core.obf;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.document.Json;
import org.dwimble.core.doing.AddName;
import org.dwimble.core.doing.AddWords;
import org.dwimble.core.doing.Capital;
import org.dwimble.core.doing.ChangeForm;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.Faster;
import org.dwimble.core.doing.Form;
import org.dwimble.core.doing.Louder;
import org.dwimble.core.doing.OfLater;
import org.dwimble.core.doing.OfferForm;
import org.dwimble.core.doing.OfferWord;
import org.dwimble.core.doing.OtherAction;
import org.dwimble.core.doing.Quieter;
import org.dwimble.core.doing.SayLetter;
import org.dwimble.core.doing.SayText;
import org.dwimble.core.doing.ShowList;
import org.dwimble.core.doing.Slower;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.doing.StopTalking;
import org.dwimble.core.voice.HowSaid;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.When;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A board of all a button can do, as it is written into a package. The golden file is what others have on their disks by now: if one of these tests fails after
 * a change, what was carried away would be read as something else. Something new gets a button at the end, and the file is made anew with
 * {@code -Ddwimble.write-golden=1}.
 */
class DoingPackageTest {
    private static final String GOLDEN = "every-doing.obf";
    private static final String SOUND = "own/" + "cd".repeat(32);
    private static final String LICENCE = "{\"license\":{\"type\":\"CC BY\",\"author_name\":\"Joris\"},\"name\":\"gull\"}";
    private static final int COLUMNS = 8;
    private static final List<Doing> ALL = List.of(new SayText("Listen."), new AddWords("please wait"), new Spell("q"), Doing.SPACE, Doing.TAKE_LAST_OFF,
        Doing.CLEAR, Doing.SAY, new StopTalking(), new Louder(), new Quieter(), new Faster(), new Slower(), Doing.DRAW, new ChangeForm(Form.PAST),
        new OfferForm(Form.MORE_THAN_ONE), new OfferWord(3), new Capital(), new AddName(), new SayLetter(), new OtherAction("{\"x\":1.50}"),
        new OfLater("{\"glow\":[1,true]}"), Doing.PASS_TURN, new ShowList(7));

    @TempDir
    Path folder;

    private static final Media MEDIA = new Media() {
        @Override
        public Kept keep(byte[] bytes, String symbol) {
            return new Kept(SOUND, null);
        }

        @Override
        public Optional<Item> find(String id) {
            return Optional.of(new Item(SOUND, "audio/mpeg", "gull.mp3", new byte[] {-1, -5, 1, 2}));
        }
    };

    private static Vocabulary everyDoing() {
        List<Acts> acts = new ArrayList<>();
        ALL.forEach(doing -> acts.add(new Acts(Says.NOTHING, null, List.of(doing), Leads.STAYS)));
        acts.add(new Acts(Says.LABEL, new HowSaid(Manner.PLAINLY, When.BOTH, null), null, List.of(Doing.CLEAR, Doing.OWN_WORD, Doing.SAY), Leads.HOME));
        Stream.of(Manner.values()).forEach(manner -> acts.add(new Acts(new Says.Words("wait for me"), new HowSaid(manner, When.AT_ONCE, null), null, List.of(),
            Leads.STAYS)));
        Stream.of(When.values()).forEach(when -> acts.add(new Acts(Says.LABEL, new HowSaid(Manner.PLAINLY, when, "wayt"), null, List.of(), Leads.STAYS)));
        acts.add(new Acts(Says.LABEL, SOUND, List.of(), Leads.STAYS));
        acts.add(new Acts(Says.NOTHING, SOUND, List.of(Doing.OWN_WORD, Doing.SAY), Leads.BACK));
        Stream.of(DayWord.values()).forEach(day -> acts.add(new Acts(new Says.OfDay(day), null, List.of(), Leads.STAYS)));
        List<Button> buttons = new ArrayList<>();
        for (int i = 0; i < acts.size(); i++) {
            buttons.add(Button.word("b" + i, new Cell(i / COLUMNS, i % COLUMNS), "button " + i, null, null).withActs(acts.get(i)));
        }
        Board board = Board.empty("all", "All that a button does", new Shape((acts.size() + COLUMNS - 1) / COLUMNS, COLUMNS)).withButtons(buttons)
            .withFacts(new Board.Facts(Map.of(), Map.of(SOUND, Json.mapper().readTree(LICENCE))));
        return new Vocabulary(new Whole("All that a button does", "all", "en-GB", Extras.NONE), Map.of("all", board));
    }

    private static byte[] golden() throws IOException {
        try (InputStream in = DoingPackageTest.class.getResourceAsStream(GOLDEN)) {
            return in.readAllBytes();
        }
    }

    @Test
    void itIsWrittenAsItEverWas() throws IOException {
        byte[] written = new ObfWriter(MEDIA).obf(everyDoing().homeBoard(), everyDoing());
        if (System.getProperty("dwimble.write-golden") != null) {
            Files.write(Path.of("src/test/resources/org/dwimble/core/obf", GOLDEN), written);
        }
        assertThat(new String(written, StandardCharsets.UTF_8)).isEqualTo(new String(golden(), StandardCharsets.UTF_8));
    }

    @Test
    void itIsReadAsItWasMeant() throws IOException, Refused {
        Path file = Files.write(folder.resolve("all.obf"), golden());
        ObfReader.Read read = new ObfReader(MEDIA, PackageLimits.USUAL).read(file, "all.obf");
        assertThat(read.vocabulary().homeBoard().buttons()).usingRecursiveFieldByFieldElementComparator().isEqualTo(everyDoing().homeBoard().buttons());
        assertThat(read.vocabulary().homeBoard().facts().sounds().get(SOUND).get("license")).isEqualTo(Json.mapper().readTree(LICENCE).get("license"));
    }

    @Test
    void nothingThatAButtonCanDoIsLeftOut() {
        List<Class<?>> sorts = Arrays.stream(Doing.class.getAnnotation(JsonSubTypes.class).value()).<Class<?>>map(JsonSubTypes.Type::value).toList();
        assertThat(everyDoing().homeBoard().buttons().stream().flatMap(b -> b.doings().stream()).map(Object::getClass)).containsAll(List.copyOf(sorts));
    }
}
