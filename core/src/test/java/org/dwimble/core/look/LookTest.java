package org.dwimble.core.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.ids;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Shown;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.looks.CopyOnto;
import org.dwimble.core.edit.looks.GiveLook;
import org.dwimble.core.edit.looks.GivePapers;
import org.dwimble.core.edit.looks.ReplaceColour;
import org.dwimble.core.edit.words.ReplaceSpoken;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class LookTest {
    private static final Colour SKY = ColouredPaper.SKY.colour();
    private static final Colour ROSE = ColouredPaper.ROSE.colour();

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"#ffeda6|#ffeda6", "#FED|#ffeedd", "rgb(1, 2, 3)|#010203", "rgba(255,0,0,0.5)|#ff000080",
        "RGBA( 255 , 0 , 0 , 50% )|#ff000080",
        "rgb(300, 0, 0)|#ff0000", "#11223344|#11223344"})
    void aColourIsReadAsFormatsWriteIt(String text, String hex) {
        assertThat(Colour.of(text).hex()).isEqualTo(hex);
        assertThat(Colour.of(Colour.of(text).css()).hex()).as("and back").isEqualTo(hex);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "red", "#12", "rgb(1,2)", "rgb(-1,2,3)", "#12345g"})
    void whatIsNoColourIsRefused(String text) {
        assertThat(Colour.read(text)).isEmpty();
        assertThatThrownBy(() -> Colour.of(text)).isInstanceOf(Unacceptable.class);
    }

    @ParameterizedTest
    @EnumSource
    void inkReadsWellOnEveryPaper(ColouredPaper paper) {
        assertThat(paper.colour().contrast(Colour.INK)).isGreaterThan(7);
        assertThat(paper.colour().ink()).isEqualTo(Colour.INK);
    }

    @Test
    void onADarkColourLettersAreWhite() {
        assertThat(Colour.of("#000000").contrast(Colour.WHITE)).isEqualTo(21);
        assertThat(Colour.of("#203060").ink()).isEqualTo(Colour.WHITE);
        assertThat(Colour.of("#20306010").ink()).as("hardly seen, so it is a pale one").isEqualTo(Colour.INK);
    }

    @Test
    void whatIsNotSaidIsAsTheLevelAboveHasIt() {
        Look whole = new Look(null, null, 4, LabelPlace.ABOVE, null, null, null, null, null, true);
        Look board = new Look(SKY, null, null, null, 50, null, null, null, null, null);
        Look seen = Look.seen(whole, board, Look.PLAIN, null);
        assertThat(seen.fill()).isEqualTo(SKY);
        assertThat(seen.edge()).isEqualTo(4);
        assertThat(seen.label()).isEqualTo(LabelPlace.ABOVE);
        assertThat(seen.picture()).isEqualTo(50);
        assertThat(seen.corner()).isEqualTo(Look.USUAL.corner());
        assertThat(Look.seen(whole, board, Look.PLAIN, ROSE).fill()).as("kinds have papers here").isEqualTo(ROSE);
        assertThat(Look.seen(whole, board, Look.paper(ColouredPaper.OAT), ROSE).fill()).as("but its own goes before").isEqualTo(ColouredPaper.OAT.colour());
        assertThat(Look.seen(Look.PLAIN, board, Look.PLAIN, ROSE).fill()).as("kinds have none unless somebody says so").isEqualTo(SKY);
    }

    @Test
    void aButtonHasNothingThatIsABoards() {
        assertThatThrownBy(() -> new Shown(null, null, null, new Look(null, null, null, null, null, null, null, 5, null, null)))
            .hasMessageContaining("look-of-a-board");
        assertThatThrownBy(() -> new Look(null, null, 99, null, null, null, null, null, null, null)).hasMessageContaining("look-bounds");
    }

    private final Vocabulary boards = vocabulary(board("home", "I want go food>food"), board("food", "apple pear . ."));

    private Vocabulary looking(Vocabulary in, String board, String button, Look look) {
        return new GiveLook(board, List.of(button), look, List.of()).on(in, ids()).after();
    }

    private static Look of(Vocabulary in, String board, String button) {
        return in.boards().get(board).button(button).orElseThrow().look();
    }

    @Test
    void aLookIsGivenAspectByAspectAndTakenBackSo() {
        Vocabulary blue = looking(boards, "home", "home/I", Look.paper(ColouredPaper.SKY));
        Vocabulary edged = looking(blue, "home", "home/I", Look.PLAIN.withBorder(ROSE));
        assertThat(of(edged, "home", "home/I")).as("the paper stays").isEqualTo(Look.PLAIN.withFill(SKY).withBorder(ROSE));
        Vocabulary usual = new GiveLook("home", List.of("home/I"), Look.PLAIN, List.of(Aspect.FILL)).on(edged, ids()).after();
        assertThat(of(usual, "home", "home/I")).isEqualTo(Look.PLAIN.withBorder(ROSE));
    }

    @Test
    void aLookIsCopiedOntoOthersAndWordsStay() {
        Vocabulary blue = looking(boards, "home", "home/I", Look.paper(ColouredPaper.SKY));
        Board home = blue.boards().get("home");
        blue = blue.with(home.with(List.of(Facet.KIND.with(home.button("home/I").orElseThrow(), Kind.WHO), Facet.KIND.with(home.button("home/go")
            .orElseThrow(), Kind.WHO))));
        Vocabulary onBoard = new CopyOnto("home", "home/I", CopyOnto.What.LOOK, CopyOnto.Onto.BOARD, List.of()).on(blue, ids()).after();
        assertThat(of(onBoard, "home", "home/want").fill()).isEqualTo(SKY);
        assertThat(of(onBoard, "food", "food/apple")).isEqualTo(Look.PLAIN);
        Vocabulary onAll = new CopyOnto("home", "home/I", CopyOnto.What.LOOK, CopyOnto.Onto.ALL, List.of()).on(blue, ids()).after();
        assertThat(of(onAll, "food", "food/apple").fill()).isEqualTo(SKY);
        Vocabulary onKind = new CopyOnto("home", "home/I", CopyOnto.What.LOOK, CopyOnto.Onto.KIND, List.of()).on(blue, ids()).after();
        assertThat(of(onKind, "home", "home/go").fill()).isEqualTo(SKY);
        assertThat(of(onKind, "home", "home/want")).isEqualTo(Look.PLAIN);
        Vocabulary does = new CopyOnto("home", "home/food", CopyOnto.What.DOES, CopyOnto.Onto.CHOSEN, List.of("home/go")).on(blue, ids()).after();
        assertThat(does.boards().get("home").button("home/go").orElseThrow().acts()).isEqualTo(boards.boards().get("home").button("home/food")
            .orElseThrow().acts());
        assertThat(does.boards().get("home").button("home/go").orElseThrow().label()).isEqualTo("go");
    }

    @Test
    void aColourOrASpokenTextIsReplacedEverywhere() {
        Vocabulary two = looking(looking(boards, "home", "home/I", Look.paper(ColouredPaper.SKY)), "food", "food/pear", Look.paper(ColouredPaper.SKY));
        Vocabulary replaced = new ReplaceColour(Aspect.FILL, SKY, ROSE).on(two, ids()).after();
        assertThat(List.of(of(replaced, "home", "home/I").fill(), of(replaced, "food", "food/pear").fill())).containsOnly(ROSE);
        assertThat(new ReplaceColour(Aspect.FILL, SKY, null).on(two, ids()).after()).as("back to the usual").isEqualTo(boards);
        assertThat(new ReplaceSpoken("APPLE", "an apple, please").on(boards, ids()).after().boards().get("food").button("food/apple").orElseThrow().spoken())
            .isEqualTo("an apple, please");
        assertThatThrownBy(() -> new ReplaceSpoken("apple", " ")).hasMessageContaining("replace-spoken-by-nothing");
    }

    @Test
    void kindsGetPapersToBeginWithTheFirstTimeTheyAreToHaveAny() {
        Look byKind = new Look(null, null, null, null, null, null, null, null, null, true);
        Vocabulary first = new GiveLook(null, List.of(), byKind, List.of()).on(boards, ids()).after();
        assertThat(first.whole().papers()).isEqualTo(GivePapers.USUAL).containsOnlyKeys(Kind.values());
        Vocabulary own = boards.with(boards.whole().withPapers(Map.of(Kind.DO, ROSE)));
        assertThat(new GiveLook("home", List.of(), byKind, List.of()).on(own, ids()).after().whole().papers()).as("a table of one's own stays").hasSize(1);
    }

    @Test
    void kindsHavePapersInAVocabularyThatSaysSo() {
        Vocabulary papered = boards.with(boards.whole().withPapers(Map.of(Kind.THING, ROSE)).withLook(new Look(null, null, null, null, null, null, null,
            null, null, true)));
        Board food = papered.boards().get("food");
        assertThat(papered.seen(food, Facet.KIND.with(food.buttons().get(0), Kind.THING)).fill()).isEqualTo(ROSE);
        assertThat(papered.seen(food, Facet.KIND.with(food.buttons().get(0), Kind.DO)).fill()).isNull();
    }
}
