package bathyra.bench;

import bathyra.bill.Lays;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.CuttingPlan;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.garment.ClothUse;
import bathyra.lay.AutoLay;
import bathyra.lay.Clearance;
import bathyra.lay.Lay;
import bathyra.lay.Laying;
import bathyra.lay.Rows;
import bathyra.layer.Layer;
import bathyra.stock.PriceList;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;

/** Every layer of demo garments on its usual cloth: rows in sewing order, the first automatic lay, the best, and area over width, with the time each took. */
public final class LayTable {
    private LayTable() {}

    public static void main(String[] documents) throws IOException, BadDocument {
        System.out.println(
                "garment | layer | cloth | pieces | rows mm | first mm, ms | best mm, s | shorter than rows | bound mm | utilisation | wrong");
        for (String file : documents) {
            if (Drafter.draft(CommissionJson.read(Files.readString(Path.of(file)))) instanceof Draft draft) {
                for (Layer layer : CuttingPlan.of(draft).layers()) {
                    if (!layer.pieces().isEmpty()) {
                        ClothUse use = Lays.use(draft.commission(), layer.kind(), PriceList.invented());
                        row(draft, Lays.laying(layer, use), use.withFolded(false));
                        row(draft, Lays.laying(layer, use.withFolded(true)), use.withFolded(true));
                    }
                }
            }
        }
    }

    private static void row(Draft draft, Laying laying, ClothUse use) {
        String where = draft.commission().title() + " | " + laying.layer().label() + " | "
                + use.cloth().name() + (use.folded() ? ", folded" : ", open");
        if (!laying.hindrances().isEmpty()) {
            System.out.println(where + " | cannot be laid so");
            return;
        }
        double[] first = new double[2];
        long began = System.nanoTime();
        Lay best = AutoLay.lay(
                laying,
                Lays.SEED,
                AutoLay.ROUNDS,
                p -> {
                    if (first[0] == 0) {
                        first[0] = p.best().length();
                        first[1] = (System.nanoTime() - began) / 1e6;
                    }
                },
                () -> false);
        double seconds = (System.nanoTime() - began) / 1e9;
        double rows = Rows.of(laying).length();
        System.out.println(where
                + String.format(
                        Locale.ROOT,
                        " | %d | %.0f | %.0f, %.0f | %.0f, %.2f | %.1f %% | %.0f | %.0f %% | %d",
                        laying.pieces().size(),
                        rows,
                        first[0],
                        first[1],
                        best.length(),
                        seconds,
                        100 - 100 * best.length() / rows,
                        best.least(),
                        100 * best.utilisation(),
                        Clearance.wrong(best, laying).size()));
    }
}
