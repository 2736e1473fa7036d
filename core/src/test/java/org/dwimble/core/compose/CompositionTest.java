package org.dwimble.core.compose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import org.dwimble.core.board.Layer;
import org.dwimble.core.credit.Credit;
import org.junit.jupiter.api.Test;

class CompositionTest {
    private final Composition plumber = new Composition(List.of(Layer.whole("core/i"), new Layer("base/wrench", 600, 300, 400)));

    @Test
    void eachPartIsDrawnInItsPlaceTheFirstLowest() {
        String svg = plumber
            .svg(id -> "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 32 32\" width=\"32\" height=\"32\"><g id=\"" + id + "\"/></svg>");
        assertThat(svg).contains("<svg x=\"0\" y=\"0\" width=\"1000\" height=\"1000\" viewBox=\"0 0 32 32\"><g id=\"core/i\"/></svg>"
            + "<svg x=\"600\" y=\"300\" width=\"400\" height=\"400\" viewBox=\"0 0 32 32\"><g id=\"base/wrench\"/></svg></svg>");
    }

    @Test
    void aPartThatIsThereNoMoreIsLeftOut() {
        assertThat(plumber.svg(id -> id.equals("core/i") ? null : "no drawing")).endsWith("height=\"1000\"></svg>");
    }

    @Test
    void whoseDrawingsAreInItIsKnown() {
        assertThat(plumber.credits()).containsExactly(Credit.CORE, Credit.BASE);
    }

    @Test
    void onePartAloneTooManyOrAPhotoAreNone() {
        assertThatThrownBy(() -> new Composition(List.of(Layer.whole("core/i")))).hasMessageContaining("composition-parts");
        assertThatThrownBy(() -> new Composition(Collections.nCopies(13, Layer.whole("core/i")))).hasMessageContaining("composition-parts");
        assertThatThrownBy(() -> new Composition(List.of(Layer.whole("core/i"), Layer.whole("own/" + "a".repeat(64)))))
            .hasMessageContaining("composition-of-photos");
    }
}
