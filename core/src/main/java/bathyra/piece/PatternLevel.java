package bathyra.piece;

/** The girths of one level as they stand in the pattern document, mm. */
public record PatternLevel(
        String id,
        double bodyGirth,
        double ease,
        double lacingGap,
        double patternGirth,
        double frontHalf,
        double backHalf) {}
