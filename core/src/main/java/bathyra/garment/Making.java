package bathyra.garment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a commission is made from and what goes into its bill, beside what follows from the pattern.
 *
 * @param cloths the cloth of each layer, as far as one was chosen
 * @param spools how many spools of thread
 * @param notions what the cutter adds
 * @param work the cutter's own record of hours
 */
public record Making(Map<LayerKind, ClothUse> cloths, double spools, List<Notion> notions, List<Work> work) {
    /** Nothing chosen and nothing noted. */
    public static final Making BEGUN = new Making(Map.of(), 1, List.of(), List.of());

    public static final double MOST = 100_000;

    /** Something that is bought for this commission alone. @param price of one */
    public record Notion(String name, double count, double price) {
        public Notion {
            if (!(count >= 0 && count <= MOST) || !(price >= 0 && price <= MOST)) {
                throw new IllegalArgumentException(
                        "a notion has a number and a price from 0 to " + MOST + ", was " + count + " at " + price);
            }
        }

        public Notion called(String other) {
            return new Notion(other, count, price);
        }

        /** @param other how many */
        public Notion counted(double other) {
            return new Notion(name, other, price);
        }

        /** @param other what one of them costs */
        public Notion priced(double other) {
            return new Notion(name, count, other);
        }
    }

    /** Hours on record. */
    public record Work(String what, double hours) {
        public Work {
            if (!(hours >= 0 && hours <= MOST)) {
                throw new IllegalArgumentException("hours are from 0 to " + MOST + ", was " + hours);
            }
        }

        public Work called(String other) {
            return new Work(other, hours);
        }

        /** @param other hours */
        public Work lasting(double other) {
            return new Work(what, other);
        }
    }

    public Making {
        cloths = Map.copyOf(cloths);
        notions = List.copyOf(notions);
        work = List.copyOf(work);
    }

    public Making withCloth(LayerKind layer, ClothUse use) {
        Map<LayerKind, ClothUse> next = new HashMap<>(cloths);
        next.put(layer, use);
        return new Making(next, spools, notions, work);
    }

    public Making withSpools(double next) {
        return new Making(cloths, next, notions, work);
    }

    public Making withNotion(int at, Notion notion) {
        return new Making(cloths, spools, changed(notions, at, notion), work);
    }

    public Making withoutNotion(int at) {
        List<Notion> next = new ArrayList<>(notions);
        next.remove(at);
        return new Making(cloths, spools, next, work);
    }

    public Making withWork(int at, Work entry) {
        return new Making(cloths, spools, notions, changed(work, at, entry));
    }

    public Making withoutWork(int at) {
        List<Work> next = new ArrayList<>(work);
        next.remove(at);
        return new Making(cloths, spools, notions, next);
    }

    /** The list with an entry in its place, or added behind the last. */
    private static <T> List<T> changed(List<T> list, int at, T entry) {
        List<T> next = new ArrayList<>(list);
        if (at < next.size()) {
            next.set(at, entry);
        } else {
            next.add(entry);
        }
        return next;
    }
}
