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

    /** What was kept; what of it cannot be read is as usual. */
    public static Packets read(String text) {
        Properties kept = new Properties();
        try {
            kept.load(new StringReader(text));
        } catch (IOException | IllegalArgumentException e) {
            return USUAL;
        }
        List<Packet> packets = new ArrayList<>();
        USUAL.list().forEach(usual -> packets.add(read(kept, usual)));
        for (String id : kept.getProperty(ORDER, "").split(",")) {
            if (id.startsWith(OWN) && packets.stream().noneMatch(p -> p.id().equals(id))) {
                Packet usual = Packet.of(Receiver.OWN);
                packets.add(read(kept, new Packet(id, usual.name(), Receiver.OWN, usual.parts(), usual.manner())));
            }
        }
        return new Packets(packets);
    }

    private static Packet read(Properties kept, Packet usual) {
        String id = usual.id() + ".";
        Manner manner = usual.manner();
        return new Packet(
                usual.id(),
                usual.receiver() == Receiver.OWN ? kept.getProperty(id + "name", usual.name()) : usual.name(),
                usual.receiver(),
                set(OutputKind.class, kept, id + "parts", usual.parts()),
                new Manner(
                        one(kept, id + "paper", Paper::read, manner.paper()),
                        one(kept, id + "size", PrintSize::valueOf, manner.size()),
                        set(Drawn.class, kept, id + "drawn", manner.drawn()),
                        set(LayerKind.class, kept, id + "left", manner.left()),
                        Set.of()));
    }

    private static <T> T one(Properties kept, String key, Function<String, T> reader, T usual) {
        try {
            return kept.containsKey(key) ? reader.apply(kept.getProperty(key)) : usual;
        } catch (IllegalArgumentException e) {
            return usual;
        }
    }

    private static <E extends Enum<E>> Set<E> set(Class<E> type, Properties kept, String key, Set<E> usual) {
        if (!kept.containsKey(key)) {
            return usual;
        }
        Set<E> read = EnumSet.noneOf(type);
        List<String> names = List.of(kept.getProperty(key).split(","));
        EnumSet.allOf(type).stream().filter(e -> names.contains(e.name())).forEach(read::add);
        return read;
    }
}
