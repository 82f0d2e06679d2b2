package bathyra.app.output;

import bathyra.files.sheet.Drawn;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.PrintSize;
import bathyra.garment.LayerKind;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The packets of a workshop: one for each usual receiver, and its own. They are kept as properties, a packet's after its id. */
public record Packets(List<Packet> list) {
    /** More of its own nobody finds again. */
    public static final int OWN_MOST = 6;

    private static final String OWN = "OWN-";
    private static final String ORDER = "own";

    public static final Packets USUAL = new Packets(Arrays.stream(Receiver.values())
            .filter(r -> r != Receiver.OWN)
            .map(Packet::of)
            .toList());

    public Packets {
        list = List.copyOf(list);
    }

    public Packet of(Receiver receiver) {
        return find(receiver.name()).orElseThrow();
    }

    public Optional<Packet> find(String id) {
        return list.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** With a packet in the place of the one of its id. */
    public Packets with(Packet packet) {
        return new Packets(
                list.stream().map(p -> p.id().equals(packet.id()) ? packet : p).toList());
    }

    /** With one more of one's own, which begins as another is. */
    public Packets withOwn(Packet from, String name) {
        int number = 1;
        while (find(OWN + number).isPresent()) {
            number++;
        }
        List<Packet> next = new ArrayList<>(list);
        next.add(new Packet(OWN + number, name, Receiver.OWN, from.parts(), from.manner()));
        return new Packets(next);
    }

    /** Without one of one's own. */
    public Packets without(String id) {
        return new Packets(list.stream()
                .filter(p -> p.receiver() != Receiver.OWN || !p.id().equals(id))
                .toList());
    }

    public List<Packet> own() {
        return list.stream().filter(p -> p.receiver() == Receiver.OWN).toList();
    }

    /** As text to be kept. */
    public String write() {
        Properties kept = new Properties();
        kept.setProperty(ORDER, own().stream().map(Packet::id).collect(Collectors.joining(",")));
        for (Packet packet : list) {
            Manner manner = packet.manner();
            String id = packet.id() + ".";
            kept.setProperty(id + "name", packet.name());
            kept.setProperty(id + "parts", words(packet.parts()));
            kept.setProperty(id + "paper", manner.paper().id());
            kept.setProperty(id + "size", manner.size().name());
            kept.setProperty(id + "drawn", words(manner.drawn()));
            kept.setProperty(id + "left", words(manner.left()));
        }
        StringWriter text = new StringWriter();
        try {
            kept.store(text, null);
        } catch (IOException e) {
            throw new IllegalStateException("a text took no more", e);
        }
        // The first line is the time of writing.
        return text.toString().lines().filter(line -> !line.startsWith("#")).collect(Collectors.joining("\n"));
    }

    private static String words(Set<? extends Enum<?>> set) {
        return set.stream().map(Enum::name).sorted().collect(Collectors.joining(","));
    }

    /**
     * What was kept; what of it cannot be read is as usual.
     *
     * @param damaged told once when something of it cannot be read
     */
    public static Packets read(String text, Runnable damaged) {
        Properties kept = new Properties();
        try {
            kept.load(new StringReader(text));
        } catch (IOException | IllegalArgumentException e) {
            damaged.run();
            return USUAL;
        }
        Reading reading = new Reading(kept);
        Packets packets = read(kept, reading);
        if (reading.damaged) {
            damaged.run();
        }
        return packets;
    }

    private static Packets read(Properties kept, Reading reading) {
        List<Packet> packets = new ArrayList<>();
        USUAL.list().forEach(usual -> packets.add(reading.packet(usual)));
        for (String id : kept.getProperty(ORDER, "").split(",")) {
            if (id.startsWith(OWN) && packets.stream().noneMatch(p -> p.id().equals(id))) {
                Packet usual = Packet.of(Receiver.OWN);
                packets.add(reading.packet(new Packet(id, usual.name(), Receiver.OWN, usual.parts(), usual.manner())));
            }
        }
        return new Packets(packets);
    }

    /** Takes packets from what was kept, and notes whether all of it could be taken. */
    private static final class Reading {
        private final Properties kept;
        private boolean damaged;

        private Reading(Properties kept) {
            this.kept = kept;
        }

        private Packet packet(Packet usual) {
            String id = usual.id() + ".";
            Manner manner = usual.manner();
            return new Packet(
                    usual.id(),
                    usual.receiver() == Receiver.OWN ? kept.getProperty(id + "name", usual.name()) : usual.name(),
                    usual.receiver(),
                    set(OutputKind.class, id + "parts", usual.parts()),
                    new Manner(
                            one(id + "paper", Paper::read, manner.paper()),
                            one(id + "size", PrintSize::valueOf, manner.size()),
                            set(Drawn.class, id + "drawn", manner.drawn()),
                            set(LayerKind.class, id + "left", manner.left()),
                            Set.of()));
        }

        private <T> T one(String key, Function<String, T> reader, T usual) {
            try {
                return kept.containsKey(key) ? reader.apply(kept.getProperty(key)) : usual;
            } catch (IllegalArgumentException e) {
                damaged = true;
                return usual;
            }
        }

        private <E extends Enum<E>> Set<E> set(Class<E> type, String key, Set<E> usual) {
            if (!kept.containsKey(key)) {
                return usual;
            }
            Set<E> read = EnumSet.noneOf(type);
            List<String> names = List.of(kept.getProperty(key).split(","));
            EnumSet.allOf(type).stream().filter(e -> names.contains(e.name())).forEach(read::add);
            damaged |= read.size()
                    != names.stream().filter(n -> !n.isEmpty()).distinct().count();
            return read;
        }
    }
}
