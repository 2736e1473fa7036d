package org.dwimble.core.picture;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Takes the ground away from a photo of a drawing or a thing on a plain ground, such as a sheet of paper or a table,
 * sets it straight and cuts it to its edges.
 *
 * <p>The ground is what the frame of the photo shows: its colour as a plane over the photo, fitted by least squares, so
 * that light from one side does no harm. How far a pixel is from it is parted in two by Otsu's method (N. Otsu, "A
 * threshold selection method from gray-level histograms", IEEE Transactions on Systems, Man, and Cybernetics 9(1), 1979).
 * Only ground that is joined to the frame goes; what an outline encloses stays as it is, and so do the teeth of a white
 * shark. It is straight when it lies as its smallest enclosing rectangle does (H. Freeman, R. Shapira, "Determining the
 * minimum-area encasing rectangle for an arbitrary closed curve", Communications of the ACM 18(7), 1975), where that is
 * a turn of few degrees and makes it clearly smaller: what lies aslant on purpose stays so.
 */
public final class Cutout {
    /** Of the shorter side: how wide the frame is that is taken for ground. */
    private static final double FRAME = 0.03;
    /** Distances of colours are whole numbers below this. */
    private static final int BOXES = 256;
    /** Frames that differ more from a plane than this, as the root mean square of a channel, are no plain ground. */
    private static final double PLAIN = 22;
    /** Nearer to the ground than this nothing is told from it; farther than the second everything is. Distances of colours, 0 to 255. */
    private static final int NEAREST = 16;
    private static final int FARTHEST = 96;
    /** Of the photo: smaller pieces are dust. */
    private static final double DUST = 0.0004;
    /** Of the photo: there is a thing on it if it takes between these. */
    private static final double LEAST = 0.004;
    private static final double MOST = 0.92;
    /** Degrees it is turned at most, and how much smaller the rectangle has to get. */
    private static final double MOST_TURN = 15;
    private static final double SMALLER = 0.97;
    private static final double LEAST_TURN = 0.7;
    /** Of the longer side, left free around it. */
    private static final double MARGIN = 0.03;
    private static final int CHANNELS = 3;

    private final Pixels photo;
    private final int width;
    private final int height;

    private Cutout(Pixels photo) {
        this.photo = photo;
        width = photo.width();
        height = photo.height();
    }

    /** What stands on the ground, with nothing around it; empty if the ground is not plain, or nothing or everything stands out from it. */
    public static Optional<Pixels> of(Pixels photo) {
        return new Cutout(photo).cut();
    }

    private Optional<Pixels> cut() {
        double[][] ground = new double[CHANNELS][];
        double rest = 0;
        for (int c = 0; c < CHANNELS; c++) {
            ground[c] = plane(c);
            rest = Math.max(rest, offPlane(c, ground[c]));
        }
        if (rest > PLAIN) {
            return Optional.empty();
        }
        int[] distance = distances(ground);
        int threshold = Math.max(NEAREST, Math.min(FARTHEST, otsu(distance)));
        boolean[] outside = outside(distance, threshold);
        dust(outside);
        int inside = 0;
        for (boolean out : outside) {
            inside += out ? 0 : 1;
        }
        double share = inside / (double) outside.length;
        if (share < LEAST || share > MOST) {
            return Optional.empty();
        }
        return Optional.of(straight(faded(distance, threshold, outside), outside));
    }

    private int frame() {
        return Math.max(1, (int) Math.round(FRAME * Math.min(width, height)));
    }

    private boolean inFrame(int x, int y) {
        int f = frame();
        return x < f || y < f || x >= width - f || y >= height - f;
    }

    private static int channel(int argb, int c) {
        return argb >> (16 - 8 * c) & 0xff;
    }

    /** a, b, c of a + bx + cy for one channel over the frame; x and y go from -1 to 1. What is far off the middle is left out in a second round. */
    private double[] plane(int channel) {
        double[] first = fit(channel, new double[CHANNELS], Double.MAX_VALUE);
        return fit(channel, first, 2.5 * Math.max(4, offPlane(channel, first)));
    }

    private double[] fit(int channel, double[] around, double within) {
        double[][] m = new double[3][4];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                if (inFrame(x, y)) {
                    double v = channel(photo.at(x, y), channel);
                    if (Math.abs(v - on(around, x, y)) <= within) {
                        double[] row = {1, across(x), down(y), v};
                        for (int i = 0; i < 3; i++) {
                            for (int j = 0; j < 4; j++) {
                                m[i][j] += row[i] * row[j];
                            }
                        }
                    }
                }
            }
        }
        return solved(m);
    }

    private double across(int x) {
        return width == 1 ? 0 : 2.0 * x / (width - 1) - 1;
    }

    private double down(int y) {
        return height == 1 ? 0 : 2.0 * y / (height - 1) - 1;
    }

    private double on(double[] plane, int x, int y) {
        return plane[0] + plane[1] * across(x) + plane[2] * down(y);
    }

    /** Gaussian elimination with pivoting, three equations; zeroes where they do not decide. */
    private static double[] solved(double[][] m) {
        for (int i = 0; i < 3; i++) {
            int pivot = i;
            for (int r = i + 1; r < 3; r++) {
                pivot = Math.abs(m[r][i]) > Math.abs(m[pivot][i]) ? r : pivot;
            }
            double[] spare = m[i];
            m[i] = m[pivot];
            m[pivot] = spare;
            if (Math.abs(m[i][i]) < 1e-9) {
                continue;
            }
            for (int r = 0; r < 3; r++) {
                double f = r == i ? 0 : m[r][i] / m[i][i];
                for (int j = i; j < 4; j++) {
                    m[r][j] -= f * m[i][j];
                }
            }
        }
        double[] out = new double[3];
        for (int i = 0; i < 3; i++) {
            out[i] = Math.abs(m[i][i]) < 1e-9 ? 0 : m[i][3] / m[i][i];
        }
        return out;
    }

    /** How far the frame is from a plane: the root of the mean square, of the nine tenths nearest to it. */
    private double offPlane(int channel, double[] plane) {
        double[] squares = IntStream.range(0, width * height).filter(i -> inFrame(i % width, i / width)).mapToDouble(i -> {
            double off = channel(photo.argb()[i], channel) - on(plane, i % width, i / width);
            return off * off;
        }).sorted().toArray();
        return Math.sqrt(Arrays.stream(squares, 0, Math.max(1, squares.length * 9 / 10)).average().orElse(0));
    }

    /** Of each pixel from the ground under it, 0 to 255; what shines through counts as ground. */
    private int[] distances(double[][] ground) {
        int[] distance = new int[width * height];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double sum = 0;
                for (int c = 0; c < CHANNELS; c++) {
                    double off = channel(photo.at(x, y), c) - on(ground[c], x, y);
                    sum += off * off;
                }
                int alpha = photo.at(x, y) >>> 24;
                distance[y * width + x] = (int) Math.min(BOXES - 1, Math.sqrt(sum / CHANNELS) * alpha / 255);
            }
        }
        return distance;
    }

    /** The distance that parts the histogram in two so that the variance between the two is greatest. */
    private static int otsu(int[] distance) {
        long[] histogram = new long[BOXES];
        for (int d : distance) {
            histogram[d]++;
        }
        double all = 0;
        for (int d = 0; d < BOXES; d++) {
            all += d * (double) histogram[d];
        }
        double below = 0;
        long count = 0;
        double best = -1;
        int threshold = 0;
        for (int d = 0; d < BOXES; d++) {
            count += histogram[d];
            below += d * (double) histogram[d];
            if (count > 0 && count < distance.length) {
                double gap = below / count - (all - below) / (distance.length - count);
                double between = count * (double) (distance.length - count) * gap * gap;
                if (between > best) {
                    best = between;
                    threshold = d;
                }
            }
        }
        return threshold;
    }

    /** What is nearer to the ground than the threshold and joined to the frame by more of it. */
    private boolean[] outside(int[] distance, int threshold) {
        boolean[] outside = new boolean[distance.length];
        int[] stack = new int[distance.length];
        int top = 0;
        for (int i = 0; i < distance.length; i++) {
            int x = i % width;
            int y = i / width;
            if ((x == 0 || y == 0 || x == width - 1 || y == height - 1) && distance[i] <= threshold) {
                outside[i] = true;
                stack[top++] = i;
            }
        }
        while (top > 0) {
            int i = stack[--top];
            for (int near : new int[] {i % width > 0 ? i - 1 : -1, i % width < width - 1 ? i + 1 : -1, i - width, i + width}) {
                if (near >= 0 && near < distance.length && !outside[near] && distance[near] <= threshold) {
                    outside[near] = true;
                    stack[top++] = near;
                }
            }
        }
        return outside;
    }

    /** Pieces that are too small to be meant are ground as well. */
    private void dust(boolean[] outside) {
        int least = Math.max(4, (int) (DUST * outside.length));
        boolean[] seen = outside.clone();
        int[] piece = new int[outside.length];
        for (int start = 0; start < outside.length; start++) {
            if (!seen[start]) {
                int size = 0;
                piece[size++] = start;
                seen[start] = true;
                for (int at = 0; at < size; at++) {
                    int i = piece[at];
                    for (int near : new int[] {i % width > 0 ? i - 1 : -1, i % width < width - 1 ? i + 1 : -1, i - width, i + width}) {
                        if (near >= 0 && near < seen.length && !seen[near]) {
                            seen[near] = true;
                            piece[size++] = near;
                        }
                    }
                }
                for (int at = 0; at < size && size < least; at++) {
                    outside[piece[at]] = true;
                }
            }
        }
    }

    /** The photo with the ground gone; along the edge it goes softly. */
    private int[] faded(int[] distance, int threshold, boolean[] outside) {
        int[] out = new int[distance.length];
        for (int i = 0; i < out.length; i++) {
            int argb = photo.argb()[i];
            if (!outside[i]) {
                out[i] = argb;
            } else if (besideInside(i, outside)) {
                out[i] = argb & 0xffffff | (argb >>> 24) * Math.min(threshold, distance[i]) / Math.max(1, threshold) << 24;
            }
        }
        return out;
    }

    private boolean besideInside(int i, boolean[] outside) {
        return i % width > 0 && !outside[i - 1] || i % width < width - 1 && !outside[i + 1] || i >= width && !outside[i - width]
            || i + width < outside.length && !outside[i + width];
    }

    private Pixels straight(int[] argb, boolean[] outside) {
        double turn = turn(outside);
        Pixels turned = Math.abs(turn) < LEAST_TURN ? new Pixels(width, height, argb) : turned(argb, Math.toRadians(turn));
        return cropped(turned);
    }

    /** Degrees clockwise by which its smallest enclosing rectangle lies aslant; 0 if it is to stay. */
    private double turn(boolean[] outside) {
        List<int[]> hull = hull(outside);
        double straight = area(hull, 0);
        double best = straight;
        double turn = 0;
        for (int i = 0; i < hull.size(); i++) {
            int[] a = hull.get(i);
            int[] b = hull.get((i + 1) % hull.size());
            double edge = Math.toDegrees(Math.atan2(b[1] - a[1], b[0] - a[0]));
            double off = edge - 90 * Math.round(edge / 90);
            double area = area(hull, Math.toRadians(off));
            if (Math.abs(off) <= MOST_TURN && area < best) {
                best = area;
                turn = off;
            }
        }
        return best < straight * SMALLER ? turn : 0;
    }

    private static double area(List<int[]> hull, double angle) {
        double[] most = {-Double.MAX_VALUE, -Double.MAX_VALUE};
        double[] least = {Double.MAX_VALUE, Double.MAX_VALUE};
        for (int[] p : hull) {
            double[] q = {p[0] * Math.cos(angle) + p[1] * Math.sin(angle), p[1] * Math.cos(angle) - p[0] * Math.sin(angle)};
            for (int k = 0; k < 2; k++) {
                most[k] = Math.max(most[k], q[k]);
                least[k] = Math.min(least[k], q[k]);
            }
        }
        return (most[0] - least[0] + 1) * (most[1] - least[1] + 1);
    }

    /** The convex hull of what stands on the ground (A. M. Andrew's monotone chain, 1979), from the outermost pixels of each row. */
    private List<int[]> hull(boolean[] outside) {
        List<int[]> points = new ArrayList<>();
        for (int y = 0; y < height; y++) {
            int first = -1;
            int last = -1;
            for (int x = 0; x < width; x++) {
                if (!outside[y * width + x]) {
                    first = first < 0 ? x : first;
                    last = x;
                }
            }
            if (first >= 0) {
                points.add(new int[] {first, y});
                points.add(new int[] {last, y});
            }
        }
        points.sort(Comparator.<int[]>comparingInt(p -> p[0]).thenComparingInt(p -> p[1]));
        List<int[]> hull = new ArrayList<>();
        for (int round = 0; round < 2; round++) {
            int start = hull.size();
            for (int i = 0; i < points.size(); i++) {
                int[] p = points.get(round == 0 ? i : points.size() - 1 - i);
                while (hull.size() >= start + 2 && cross(hull.get(hull.size() - 2), hull.get(hull.size() - 1), p) <= 0) {
                    hull.remove(hull.size() - 1);
                }
                hull.add(p);
            }
            hull.remove(hull.size() - 1);
        }
        return hull.isEmpty() ? points.subList(0, 1) : hull;
    }

    private static long cross(int[] o, int[] a, int[] b) {
        return (long) (a[0] - o[0]) * (b[1] - o[1]) - (long) (a[1] - o[1]) * (b[0] - o[0]);
    }

    /** Turned back about its middle, on a sheet that holds all of it; between pixels by their four neighbours, weighed by how solid they are. */
    private Pixels turned(int[] argb, double angle) {
        int w = (int) Math.ceil(Math.abs(width * Math.cos(angle)) + Math.abs(height * Math.sin(angle)));
        int h = (int) Math.ceil(Math.abs(width * Math.sin(angle)) + Math.abs(height * Math.cos(angle)));
        int[] out = new int[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                double dx = x - (w - 1) / 2.0;
                double dy = y - (h - 1) / 2.0;
                out[y * w + x] = between(argb, dx * Math.cos(angle) - dy * Math.sin(angle) + (width - 1) / 2.0,
                    dx * Math.sin(angle) + dy * Math.cos(angle) + (height - 1) / 2.0);
            }
        }
        return new Pixels(w, h, out);
    }

    private int between(int[] argb, double x, double y) {
        int left = (int) Math.floor(x);
        int above = (int) Math.floor(y);
        double[] sum = new double[4];
        for (int k = 0; k < 4; k++) {
            int px = left + k % 2;
            int py = above + k / 2;
            if (px >= 0 && py >= 0 && px < width && py < height) {
                double weight = (k % 2 == 0 ? left + 1 - x : x - left) * (k / 2 == 0 ? above + 1 - y : y - above);
                int pixel = argb[py * width + px];
                double alpha = (pixel >>> 24) * weight;
                sum[3] += alpha;
                for (int c = 0; c < CHANNELS; c++) {
                    sum[c] += channel(pixel, c) * alpha;
                }
            }
        }
        if (sum[3] < 0.5) {
            return 0;
        }
        int out = (int) Math.min(255, Math.round(sum[3])) << 24;
        for (int c = 0; c < CHANNELS; c++) {
            out |= (int) Math.min(255, Math.round(sum[c] / sum[3])) << (16 - 8 * c);
        }
        return out;
    }

    private static Pixels cropped(Pixels pixels) {
        int[] edges = {pixels.width(), pixels.height(), -1, -1};
        for (int y = 0; y < pixels.height(); y++) {
            for (int x = 0; x < pixels.width(); x++) {
                if (pixels.at(x, y) >>> 24 > 24) {
                    edges[0] = Math.min(edges[0], x);
                    edges[1] = Math.min(edges[1], y);
                    edges[2] = Math.max(edges[2], x);
                    edges[3] = Math.max(edges[3], y);
                }
            }
        }
        int margin = (int) Math.round(MARGIN * Math.max(edges[2] - edges[0] + 1, edges[3] - edges[1] + 1));
        int w = edges[2] - edges[0] + 1 + 2 * margin;
        int h = edges[3] - edges[1] + 1 + 2 * margin;
        int[] out = new int[w * h];
        for (int y = edges[1]; y <= edges[3]; y++) {
            System.arraycopy(pixels.argb(), y * pixels.width() + edges[0], out, (y - edges[1] + margin) * w + margin, edges[2] - edges[0] + 1);
        }
        return new Pixels(w, h, out);
    }
}
