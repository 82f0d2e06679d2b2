package bathyra.files.hpgl;

/** The pens of a plot and what each draws. */
enum PlotterPen {
    CUT(1),
    SEW(2),
    MARK(3);

    private final int number;

    PlotterPen(int number) {
        this.number = number;
    }

    int number() {
        return number;
    }
}
