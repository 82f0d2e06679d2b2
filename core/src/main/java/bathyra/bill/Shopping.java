package bathyra.bill;

import bathyra.bone.BonePlan;
import bathyra.bone.Bones;
import bathyra.bone.Channel;
import bathyra.bone.Eyelets;
import bathyra.bone.Wires;
import bathyra.draft.Draft;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.BoneKind;
import bathyra.garment.LayerKind;
import bathyra.layer.Layers;
import bathyra.layer.Strip;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementSet.Part;
import bathyra.reckon.Reckoned;
import bathyra.stock.CuttingStock;
import bathyra.stock.CuttingStock.Demand;
import bathyra.stock.PriceList;
import bathyra.stock.StockLength;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Bones and hardware to buy for the whole garment, and what is cut from what.
 *
 * @param bones one for each kind of bone
 * @param busk the busk that is bought; empty without one
 * @param eyelets how many
 * @param cord its length, if it is laced
 * @param tape the waist tape, one length
 * @param tapes how many of it
 * @param wires those under cut cups; there are two
 * @param binding the strips that bind the edges; none where the edges are turned
 * @param findings what cannot be bought as it is wanted
 */
public record Shopping(
        List<BoneLot> bones,
        Optional<StockLength> busk,
        int eyelets,
        Optional<Reckoned> cord,
        Reckoned tape,
        int tapes,
        Optional<Wires> wires,
        List<Strip> binding,
        List<Finding> findings) {
    /** What a saw or shears take at a cut, with filing the end, mm. */
    public static final double KERF = 2;

    /** All bones of one kind and how they are cut. */
    public record BoneLot(BoneKind kind, double width, List<Demand> demands, CuttingStock.Plan plan) {
        public BoneLot {
            demands = List.copyOf(demands);
        }

        public int count() {
            return demands.stream().mapToInt(Demand::count).sum();
        }

        public double length() {
            return demands.stream().mapToDouble(d -> d.length() * d.count()).sum();
        }
    }

    public Shopping {
        bones = List.copyOf(bones);
        binding = List.copyOf(binding);
        findings = List.copyOf(findings);
    }

    public static Shopping of(Draft draft, PriceList prices) {
        Bones left = BonePlan.of(draft);
        Optional<Bones> right = draft.rightHalf().map(BonePlan::of);
        List<Channel> channels = new ArrayList<>(left.channels());
        right.ifPresent(r -> channels.addAll(r.channels()));
        double width = draft.commission().garment().boning().boneWidth().millimetres();
        Map<BoneKind, Map<Double, Integer>> wanted = new TreeMap<>();
        for (Channel channel : channels) {
            if (channel.cut().value() > 0) {
                wanted.computeIfAbsent(channel.kind(), k -> new TreeMap<>(Comparator.reverseOrder()))
                        .merge(channel.cut().value(), channel.count(), Integer::sum);
            }
        }
        List<BoneLot> lots = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        wanted.forEach((kind, lengths) -> {
            List<Demand> demands = lengths.entrySet().stream()
                    .map(e -> new Demand(String.format(Locale.ROOT, "%.0f", e.getKey()), e.getKey(), e.getValue()))
                    .toList();
            List<StockLength> stock = prices.bones(kind, width);
            CuttingStock.Plan plan = CuttingStock.plan(demands, stock, KERF);
            lots.add(new BoneLot(kind, width, demands, plan));
            for (Demand unmet : plan.unmet()) {
                double longest =
                        stock.stream().mapToDouble(StockLength::length).max().orElse(0);
                findings.add(Finding.of(
                        FindingKind.BONE_STOCK,
                        kind.id(),
                        Finding.Status.FAULT,
                        unmet.length(),
                        longest,
                        longest == 0
                                ? Sentence.of(
                                        "{} of {} is not in your stock. Add its lengths to the list, or take another kind or width.",
                                        kind.label(),
                                        Length.mm(width))
                                : Sentence.of(
                                        "A bone of {} is longer than the longest "
                                                + kind.label().toLowerCase(Locale.ROOT)
                                                + " in your stock, {}. Add a longer one to the list, or end the channel sooner.",
                                        Length.mm(unmet.length()),
                                        Length.mm(longest))));
            }
        });
        Optional<StockLength> busk = left.busk().flatMap(b -> prices.busks().stream()
                .filter(s -> Math.abs(s.length() - b.length().value()) < 0.5)
                .findFirst());
        if (left.busk().isPresent() && busk.isEmpty()) {
            Length wantedBusk = left.busk().get().length().length();
            findings.add(Finding.of(
                    FindingKind.BUSK_STOCK,
                    "busk",
                    Finding.Status.NOTE,
                    wantedBusk.millimetres(),
                    0,
                    Sentence.of(
                            "A busk of {} is not in your stock; it stands in the bill without a price. Add it to the list, or choose a length that is there.",
                            wantedBusk)));
        }
        int eyelets = left.eyelets().map(Eyelets::points).map(List::size).orElse(0)
                + (right.isPresent()
                        ? right.get()
                                .eyelets()
                                .map(Eyelets::points)
                                .map(List::size)
                                .orElse(0)
                        : left.eyelets().map(Eyelets::points).map(List::size).orElse(0));
        List<Strip> binding = new ArrayList<>(binding(
                draft,
                draft.rightHalf().isPresent()
                        ? Part.LEFT
                        : draft.commission().measurements().part()));
        draft.rightHalf().ifPresent(r -> binding.addAll(binding(r, Part.RIGHT)));
        return new Shopping(
                lots, busk, eyelets, left.cord(), left.tape(), left.tapes(), left.wires(), binding, findings);
    }

    private static List<Strip> binding(Draft half, Part part) {
        return Layers.of(half.pattern(), half.commission().garment(), part).stream()
                .filter(l -> l.kind() == LayerKind.BIAS_BINDING)
                .flatMap(l -> l.strips().stream())
                .toList();
    }
}
