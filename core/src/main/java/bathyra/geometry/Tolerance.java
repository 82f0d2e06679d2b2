package bathyra.geometry;

/** The few tolerances of the program, in mm and degrees, each with its reason. */
public final class Tolerance {
    /** Two points closer than this are the same place: far below what paper or double arithmetic can tell apart. */
    public static final double COINCIDENT = 1e-6;
    /** How far a flattened line may lie from its curve. */
    public static final double CHORD = 0.05;
    /** What a sewer takes up without noticing between two marks of a seam (C11). */
    public static final double SEAM = 0.5;
    /** How far an edge on the fold may lie from straight (C12.1). */
    public static final double FOLD = 0.5;
    /** The arc of the cups against the arc of the opening (C8). */
    public static final double CUP_ARC = 1.0;
    /** The armhole and the tape round it (C6.3), mm. */
    public static final double ARMHOLE = 3;
    /** A level's pattern girth against its plan (C11). */
    public static final double GIRTH = 1.0;
    /** By how much of itself the girth between two levels may leave what they measure (C7.2). */
    public static final double BETWEEN = 0.01;
    /** How far the joined edge at a seam may be from straight, degrees (C11). */
    public static final double JOIN_DEGREES = 5;
    /** How far the centres may be from square, degrees (C11). */
    public static final double SQUARE_DEGREES = 2;
    /** Over which length the centres are looked at for squareness (C11). */
    public static final double SQUARE_OVER = 10;
    /** Where the rounds of walking end: a hundredth of what can be seen. */
    public static final double WALK = 1e-4;
    /** The narrowest panel that still takes a bone channel and its stitching (C11). */
    public static final double PANEL_WIDTH = 25;
    /** The narrowest bridge between two cups: no bone stands in it, but both seams are stitched down (C8). */
    public static final double BRIDGE = 12;
    /** The tightest hollow a sewn edge may have (C11). */
    public static final double RADIUS_CONCAVE = 12;
    /** A hollow down to here is sewn when its allowance is clipped, and is marked for that (C11). */
    public static final double RADIUS_CLIPPED = 6;
    /** The tightest bulge a sewn edge may have (C11). */
    public static final double RADIUS_CONVEX = 8;

    /** What the rules gave, written out and read back in any unit, differs by less than this. */
    public static final double KEPT_LENGTH = 1e-4;
    /** The same for shares. */
    public static final double KEPT_SHARE = 1e-7;

    private Tolerance() {}
}
