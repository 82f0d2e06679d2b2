package bathyra.app.output;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What goes to one receiver, and how: each packet keeps its parts, its paper and its layers.
 *
 * @param id by which it is kept
 * @param name the receiver's, or one's own
 * @param parts what is in it
 */
public record Packet(String id, String name, Receiver receiver, Set<OutputKind> parts, Manner manner) {
    public Packet {
        parts = Set.copyOf(parts);
    }

    /** What a receiver gets as a rule. */
    static Packet of(Receiver receiver) {
        return new Packet(
                receiver.name(),
                receiver.title(),
                receiver,
                EnumSet.copyOf(receiver.usual()),
                Manner.on(receiver.paper()));
    }

    public Packet withManner(Manner next) {
        return new Packet(id, name, receiver, parts, next);
    }

    public Packet named(String next) {
        return new Packet(id, next, receiver, parts, manner);
    }

    /** With a part put in or left out. */
    public Packet with(OutputKind part, boolean in) {
        Set<OutputKind> next = EnumSet.noneOf(OutputKind.class);
        next.addAll(parts);
        if (in) {
            next.add(part);
        } else {
            next.remove(part);
        }
        return new Packet(id, name, receiver, next, manner);
    }

    /** What is in it, in the order in which it is put out. */
    public List<OutputKind> inOrder() {
        return receiver.offered().stream().filter(parts::contains).toList();
    }

    public boolean has(OutputKind part) {
        return parts.contains(part);
    }
}
