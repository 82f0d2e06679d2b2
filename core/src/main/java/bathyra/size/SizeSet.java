package bathyra.size;

import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.fitting.Found;
import bathyra.garment.Commission;
import bathyra.garment.Ruled;
import bathyra.garment.Wearer;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * One design in all sizes of a chart.
 *
 * @param sizes one a row of the chart, in its order
 */
public record SizeSet(Commission design, SizeChart chart, Growing growing, List<SizedDraft> sizes) {
    public SizeSet {
        sizes = List.copyOf(sizes);
    }

    /** Drafts every size, several at a time. */
    public static SizeSet of(Commission design, SizeChart chart, Growing growing) {
        Optional<Ruled> base = Growing.ruled(design);
        return new SizeSet(
                design,
                chart,
                growing,
                IntStream.range(0, chart.sizes().size())
                        .parallel()
                        .mapToObj(row -> draft(design, chart, row, growing, base))
                        .toList());
    }

    /** Drafts one size. */
    public static SizedDraft draft(Commission design, SizeChart chart, int row, Growing growing) {
        return draft(design, chart, row, growing, Growing.ruled(design));
    }

    /** The same set with one row of another chart drafted anew; the others stay. */
    public SizeSet with(SizeChart next, int row) {
        List<SizedDraft> all = new ArrayList<>(sizes);
        all.set(row, draft(design, next, row, growing));
        return new SizeSet(design, next, growing, all);
    }

    private static SizedDraft draft(
            Commission design, SizeChart chart, int row, Growing growing, Optional<Ruled> base) {
        Size size = chart.sizes().get(row);
        MeasurementSet figures = size.measurements();
        Set<MeasurementKey> borrowed = EnumSet.noneOf(MeasurementKey.class);
        for (MeasurementKey key : Drafter.missing(figures, design.garment())) {
            Optional<Length> there =
                    Optional.ofNullable(design.measurements().taken().get(key));
            if (there.isPresent()) {
                figures = figures.with(key, there.get());
                borrowed.add(key);
            }
        }
        Commission sized = new Commission(
                        design.title() + ", size " + size.label(),
                        design.units(),
                        new Wearer("Size " + size.label(), design.wearer().experience()),
                        figures,
                        design.garment().keeping(Optional.empty()).finding(Found.NONE))
                .withAnswers(Optional.empty(), design.restricted())
                .withSizes(Optional.of(chart.name()));
        Commission grown = growing.grown(sized, base);
        return new SizedDraft(size, grown, borrowed, Drafter.draft(grown));
    }

    /** The sizes that draft. */
    public List<SizedDraft> drafted() {
        return sizes.stream().filter(s -> s.draft().isPresent()).toList();
    }

    /** Whether any size draws a waist in so far that each wearer has to be told and to agree (C17). */
    public boolean mustBeSpokenOf() {
        return drafted().stream().flatMap(s -> s.draft().stream()).anyMatch(Draft::mustBeSpokenOf);
    }
}
