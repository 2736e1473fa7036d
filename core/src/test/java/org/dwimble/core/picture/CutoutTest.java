package org.dwimble.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class CutoutTest {
    private static final int SIDE = 200;
    private static final int RED = 0xffd03020;

    private interface Paint {
        int at(int x, int y);
    }

    private static Pixels photo(Paint paint) {
        int[] argb = new int[SIDE * SIDE];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = paint.at(i % SIDE, i / SIDE);
        }
        return new Pixels(SIDE, SIDE, argb);
    }

    private static int grey(int v) {
        int g = Math.max(0, Math.min(255, v));
        return 0xff000000 | g << 16 | g << 8 | g;
    }

    private static boolean in(int x, int y, int left, int top, int width, int height) {
        return x >= left && y >= top && x < left + width && y < top + height;
    }

    private static double solid(Pixels pixels) {
        long solid = 0;
        for (int p : pixels.argb()) {
            solid += p >>> 24;
        }
        return solid / 255.0;
    }

    @Test
    void aThingOnPaperIsCutToItsEdgesThoughTheLightComesFromOneSideAndTheCameraSpeckles() {
        Random speckle = new Random(7);
        Pixels photo = photo((x, y) -> in(x, y, 50, 60, 80, 40) ? RED : grey(240 - x / 3 - y / 6 + speckle.nextInt(9) - 4));
        Pixels cut = Cutout.of(photo).orElseThrow();
        assertThat(cut.width()).isBetween(80, 90);
        assertThat(cut.height()).isBetween(40, 50);
        assertThat(solid(cut)).isCloseTo(80 * 40, within(200.0));
        assertThat(cut.at(0, 0) >>> 24).as("nothing around it").isZero();
        assertThat(cut.at(cut.width() / 2, cut.height() / 2)).isEqualTo(RED);
    }

    @Test
    void whatAnOutlineEnclosesStaysAndDustGoes() {
        Pixels photo = photo((x, y) -> {
            double r = Math.hypot(x - 100, y - 100);
            return r > 50 && r < 56 || x == 10 && y == 10 ? 0xff101010 : grey(230);
        });
        Pixels cut = Cutout.of(photo).orElseThrow();
        assertThat(cut.width()).as("the speck in the corner is dust").isBetween(110, 122);
        assertThat(cut.at(cut.width() / 2, cut.height() / 2)).as("the paper inside the ring").isEqualTo(grey(230));
        assertThat(cut.at(1, 1) >>> 24).isZero();
    }

    @Test
    void whatLiesALittleAslantIsSetStraightAndWhatLiesSoOnPurposeIsNot() {
        for (int degrees : new int[] {8, -8, 40}) {
            double a = Math.toRadians(degrees);
            Pixels photo = photo((x, y) -> {
                double u = (x - 100) * Math.cos(a) + (y - 100) * Math.sin(a);
                double v = (y - 100) * Math.cos(a) - (x - 100) * Math.sin(a);
                return Math.abs(u) < 60 && Math.abs(v) < 25 ? RED : grey(235);
            });
            Pixels cut = Cutout.of(photo).orElseThrow();
            if (Math.abs(degrees) < 15) {
                assertThat(cut.height()).as("%s degrees", degrees).isLessThan(62);
                assertThat(cut.width()).isBetween(118, 134);
            } else {
                assertThat(cut.height()).as("%s degrees", degrees).isGreaterThan(100);
            }
        }
    }

    @Test
    void onAGroundThatIsNotPlainOrWithNothingOnItThereIsNothingToCut() {
        Random any = new Random(1);
        assertThat(Cutout.of(photo((x, y) -> 0xff000000 | any.nextInt(0x1000000)))).isEmpty();
        assertThat(Cutout.of(photo((x, y) -> x / 20 % 2 == 0 ? grey(20) : grey(230)))).isEmpty();
        assertThat(Cutout.of(photo((x, y) -> grey(230)))).isEmpty();
        assertThat(Cutout.of(new Pixels(1, 1, new int[] {grey(9)}))).isEmpty();
        assertThat(Cutout.of(new Pixels(300, 1, new int[300]))).isEmpty();
    }
}
