package bathyra.workplan;

import bathyra.garment.Commission;
import bathyra.length.Length;
import java.util.List;
import java.util.stream.IntStream;

/** How a laced garment is worn in before it is laced to its plan (C16.6). */
public record Seasoning(List<Wearing> wearings) {
    private static final int TIMES = 5;
    private static final int FIRST = 60;
    private static final int LONGER = 15;
    private static final double WIDER = 30;

    /** @param minutes for how long @param gap how far the back stays open */
    public record Wearing(int number, int minutes, Length gap) {}

    /** @return without wearings for what is not laced, and for one who is not to be */
    public static Seasoning of(Commission commission) {
        if (commission.restricted()
                || !commission.garment().fastening().closure().isLaced()) {
            return new Seasoning(List.of());
        }
        Length gap = Length.mm(commission.garment().gap().value() + WIDER);
        return new Seasoning(IntStream.range(0, TIMES)
                .mapToObj(i -> new Wearing(i + 1, FIRST + i * LONGER, gap))
                .toList());
    }
}
