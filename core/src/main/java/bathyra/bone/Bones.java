package bathyra.bone;

import bathyra.finding.Finding;
import bathyra.geometry.Point;
import bathyra.piece.Pattern;
import bathyra.reckon.Reckoned;
import bathyra.truing.SeamPair;
import java.util.List;
import java.util.Optional;

/**
 * The bones and hardware of one half's pattern.
 *
 * @param channels from centre front to centre back
 * @param busk the busk of a front that opens
 * @param eyelets those of one lacing edge
 * @param cord how long the cord is
 * @param tape the waist tape, cut
 * @param tapes how many of it
 * @param wires those under cut cups; there are two
 * @param support how the reduction is carried, level by level
 * @param findings what does not fit, and what holds
 */
public record Bones(
        List<Channel> channels,
        Optional<Busk> busk,
        Optional<Eyelets> eyelets,
        Optional<Reckoned> cord,
        Reckoned tape,
        int tapes,
        Optional<Wires> wires,
        List<Support> support,
        List<Finding> findings) {
    private static final double ON_EDGE = 0.01;

    public Bones {
        channels = List.copyOf(channels);
        support = List.copyOf(support);
        findings = List.copyOf(findings);
    }

    public Optional<Channel> channel(String id) {
        return channels.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** How far across the panel of a channel a point of its piece lies, 0 to 1 from the edge nearer centre front. */
    public double across(Pattern pattern, Channel channel, Point at) {
        return Panel.of(pattern).stream()
                .filter(p -> p.piece().id().equals(channel.runs().get(0).piece()))
                .findFirst()
                .map(p -> p.share(at))
                .orElse(0.5);
    }

    /** How far below the upper end of its seam a channel on a seam begins, mm; nothing for others. */
    public double above(Pattern pattern, Channel channel) {
        Channel.Run run = channel.runs().get(0);
        if (channel.place() != Channel.Place.SEAM) {
            return 0;
        }
        return pattern.piece(run.piece()).outline().stream()
                .map(e -> SeamPair.downwards(e.path()))
                .filter(p -> p.isNear(run.path().at(run.path().length() / 2).point(), ON_EDGE))
                .mapToDouble(p -> p.nearest(run.path().start()).arc())
                .findFirst()
                .orElse(0);
    }

    public List<Finding> with(Finding.Status status) {
        return findings.stream().filter(f -> f.status() == status).toList();
    }
}
