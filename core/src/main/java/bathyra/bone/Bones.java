package bathyra.bone;

import bathyra.reckon.Reckoned;
import bathyra.truing.Finding;
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
 * @param support how the reduction is carried, level by level
 * @param findings what does not fit, and what holds
 */
public record Bones(List<Channel> channels, Optional<Busk> busk, Optional<Eyelets> eyelets, Optional<Reckoned> cord, Reckoned tape, int tapes, List<Support> support, List<Finding> findings) {
    public Bones {
        channels = List.copyOf(channels);
        support = List.copyOf(support);
        findings = List.copyOf(findings);
    }

    public Optional<Channel> channel(String id) {
        return channels.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    public List<Finding> with(Finding.Status status) {
        return findings.stream().filter(f -> f.status() == status).toList();
    }
}
