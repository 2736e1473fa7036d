package org.dwimble.server.media;

import java.util.Set;

/** What a drawing from outside may hold: names of SVG 1.1 (Second Edition), and some of Filter Effects and Compositing, that draw and do nothing else. */
final class SvgAllowed {
    /** Elements that are written; {@code a} as {@code g}. */
    static final Set<String> ELEMENTS = words("""
        svg g a defs symbol use path rect circle ellipse line polyline polygon text tspan textPath title desc linearGradient
        radialGradient stop clipPath mask pattern marker image style switch filter feBlend feColorMatrix feComponentTransfer feComposite
        feDropShadow feFlood feFuncA feFuncB feFuncG feFuncR feGaussianBlur feMerge feMergeNode feOffset feTile
        """);
    /** Those of them that show something by themselves. */
    static final Set<String> SHAPES = words("""
        path rect circle ellipse line polyline polygon text image use
        """);
    /** Those of them whose text is written. */
    static final Set<String> WITH_TEXT = words("""
        text tspan textPath title desc style
        """);
    /** Elements that do something, in small letters: that they are left out is said so. */
    static final Set<String> PROGRAMS = words("""
        script handler listener animate set animatetransform animatemotion animatecolor discard foreignobject iframe object embed audio
        video canvas
        """);
    /** Elements that draw nothing, in small letters: they are left out without a word. */
    static final Set<String> SILENT = words("""
        metadata view cursor color-profile hatch namedview
        """);
    /** Attributes that are written if their value is safe. */
    static final Set<String> ATTRIBUTES = words("""
        id class style transform d points x y width height rx ry r cx cy x1 y1 x2 y2 fx fy fr viewBox preserveAspectRatio version
        baseProfile gradientUnits gradientTransform spreadMethod offset patternUnits patternContentUnits patternTransform clipPathUnits
        maskUnits maskContentUnits markerUnits markerWidth markerHeight orient refX refY filterUnits primitiveUnits in in2 result
        stdDeviation dx dy mode operator k1 k2 k3 k4 type values tableValues slope intercept amplitude exponent rotate textLength
        lengthAdjust startOffset method spacing pathLength fill fill-opacity fill-rule stroke stroke-width stroke-opacity stroke-linecap
        stroke-linejoin stroke-miterlimit stroke-dasharray stroke-dashoffset opacity color display visibility overflow clip-path clip-rule
        mask filter flood-color flood-opacity stop-color stop-opacity marker marker-start marker-mid marker-end font font-family font-size
        font-style font-weight font-variant font-stretch letter-spacing word-spacing text-anchor text-decoration dominant-baseline
        alignment-baseline baseline-shift direction unicode-bidi writing-mode paint-order vector-effect shape-rendering text-rendering
        image-rendering color-interpolation color-interpolation-filters mix-blend-mode isolation enable-background lang role
        systemLanguage media
        """);

    private SvgAllowed() {
    }

    private static Set<String> words(String names) {
        return Set.of(names.trim().split("\\s+"));
    }
}
