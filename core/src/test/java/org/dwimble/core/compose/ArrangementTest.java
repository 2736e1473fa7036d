package org.dwimble.core.compose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.ShippedLibrary.SEARCH;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.dwimble.core.board.Layer;
import org.dwimble.core.compose.Arrangement.Part;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ArrangementTest {
    @ParameterizedTest
    @EnumSource
    void everyPlaceLiesInTheSquareEverySignIsThereAndThePictureAtHandHasAPlaceOfItsOwn(Arrangement how) {
        List<Part> places = Stream.concat(how.parts().stream(), Stream.ofNullable(how.gap())).toList();
        assertThat(places).allSatisfy(p -> {
            Layer layer = new Layer(Objects.requireNonNullElse(p.picture(), "base/kite"), p.x(), p.y(), p.size());
            assertThat(List.of(layer.x(), layer.y(), layer.size())).as("nothing is moved in").containsExactly(p.x(), p.y(), p.size());
            assertThat(p.picture() == null || SEARCH.byId(p.picture()).isPresent()).isTrue();
        });
        assertThat(how.parts()).anyMatch(p -> p.picture() == null);
        assertThat(places.stream().filter(p -> p.picture() == null).distinct().count()).isEqualTo(places.stream().filter(p -> p.picture() == null).count());
        assertThat(
            new Composition(places.stream().map(p -> new Layer(Objects.requireNonNullElse(p.picture(), "base/kite"), p.x(), p.y(), p.size())).toList()).parts())
            .hasSizeBetween(2, 6);
    }
}
