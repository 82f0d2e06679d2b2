package bathyra.app.bones;

import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Workshop;
import bathyra.bill.Shopping;
import bathyra.bone.Bones;
import bathyra.bone.Channel;
import bathyra.bone.Support;
import bathyra.draft.Draft;
import bathyra.garment.BoneKind;
import bathyra.garment.Boning;
import bathyra.garment.Boning.PanelBone;
import bathyra.garment.Boning.Stop;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.stock.PriceList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What can be done on the Bones stage: which channel is in hand, where it stands, what is in it, and the hardware. */
public final class BonesModel {
    private final Workshop workshop;
    private Optional<String> chosen = Optional.empty();
    private Level level = Level.WAIST;
    private Optional<Listed> listed = Optional.empty();

    /** What is bought for a draft at the prices of a list. */
    private record Listed(Draft draft, PriceList prices, Shopping shopping) {}

    public BonesModel(Workshop workshop) {
        this.workshop = workshop;
    }

    Garment garment() {
        return workshop.commission().garment();
    }

    Boning boning() {
        return garment().boning();
    }

    Bones bones() {
        return workshop.progress().bones().orElseThrow();
    }

    Draft draft() {
        return workshop.half().orElseThrow();
    }

    /** What is bought for the whole garment; reckoned once a draft and a price list. */
    Shopping shopping() {
        Draft draft = workshop.draft().orElseThrow();
        PriceList prices = workshop.kept().prices();
        if (listed.filter(l -> l.draft() == draft && l.prices().equals(prices)).isEmpty()) {
            listed = Optional.of(new Listed(draft, prices, Shopping.of(draft, prices)));
        }
        return listed.orElseThrow().shopping();
    }

    Optional<Channel> chosen() {
        return chosen.flatMap(id -> bones().channel(id));
    }

    void choose(String channel) {
        chosen = Optional.of(channel);
        workshop.letGo();
        workshop.showing().again();
    }

    void next() {
        List<Channel> all = bones().channels();
        int at = chosen().map(all::indexOf).orElse(-1);
        if (!all.isEmpty()) {
            choose(all.get((at + 1) % all.size()).id());
        }
    }

    Level level() {
        return bones().support().stream().anyMatch(s -> s.level() == level)
                ? level
                : bones().support().get(0).level();
    }

    void look(Level next) {
        level = next;
        workshop.showing().again();
    }

    Support support() {
        return bones().support().stream()
                .filter(s -> s.level() == level())
                .findFirst()
                .orElseThrow();
    }

    private void set(String label, Boning next, InHand thing) {
        workshop.change(label, workshop.commission().withGarment(garment().withBoning(next)), thing);
    }

    private void once(String label, Boning next) {
        workshop.letGo();
        set(label, next, InHand.once());
        workshop.letGo();
    }

    private String name() {
        return chosen().orElseThrow().label().toLowerCase(Locale.ROOT);
    }

    /** Whether the channel in hand can be moved across its panel. */
    boolean isMovable() {
        return chosen().map(c -> c.place() == Channel.Place.PANEL).orElse(false);
    }

    /** Moves the channel in hand across its panel; the share is held between the edges. */
    void moveTo(double share) {
        Channel channel = chosen().orElseThrow();
        double held = Math.round(Math.max(0.02, Math.min(0.98, share)) * 1000) / 1000.0;
        set(
                name() + " moved",
                boning().withPanel(new PanelBone(
                        channel.id(), channel.runs().get(0).piece(), held)),
                InHand.of("bone-" + channel.id()));
    }

    /** Where the channel in hand stands across its panel at the waist, 0 to 1. */
    double share() {
        Channel.Run run = chosen().orElseThrow().runs().get(0);
        LevelMark waist =
                draft().pattern().piece(run.piece()).mark(Level.WAIST.id()).orElseThrow();
        double x = run.path()
                .nearest(waist.from().between(waist.to(), 0.5))
                .point()
                .x();
        return (x - waist.from().x()) / (waist.to().x() - waist.from().x());
    }

    /** Ends the channel in hand so far from an edge, mm. */
    void stop(boolean above, double mm) {
        Channel channel = chosen().orElseThrow();
        Stop now = stop();
        double whole = channel.finished().value()
                + now.above().millimetres()
                + now.below().millimetres();
        double other = above ? now.below().millimetres() : now.above().millimetres();
        double held = Math.rint(Math.max(0, Math.min(whole - other - 40, mm)));
        Stop next = above ? new Stop(Length.mm(held), now.below()) : new Stop(now.above(), Length.mm(held));
        set(
                name() + " ends " + LengthText.say(Length.mm(held), workshop.unit())
                        + (above ? " below the upper edge" : " above the lower edge"),
                boning().withStop(channel.id(), next),
                InHand.of("stop-" + channel.id() + above));
    }

    /** How far from the edges the channel in hand ends. Where a rule ends it sooner, that is what was found. */
    Stop stop() {
        Channel channel = chosen().orElseThrow();
        return boning().stops()
                .getOrDefault(
                        channel.id(),
                        new Stop(Length.mm(Math.rint(bones().above(draft().pattern(), channel))), Length.mm(0)));
    }

    void kind(BoneKind kind) {
        once(
                name() + ": " + kind.label().toLowerCase(Locale.ROOT),
                boning().withKind(chosen().orElseThrow().id(), Optional.of(kind)));
    }

    void leaveOut() {
        once(name() + " left out", boning().without(chosen().orElseThrow().id()));
    }

    void byRule() {
        once(
                name() + " back to the rule",
                boning().byRule(chosen().orElseThrow().id()));
    }

    /** The channels of the rule that were left out. */
    List<String> leftOut() {
        return boning().without().stream()
                .filter(id -> !id.startsWith("own-"))
                .sorted()
                .toList();
    }

    void takeBack(String channel) {
        once("channel back: " + channel.replace('-', ' '), boning().byRule(channel));
    }

    /** Adds a channel in the middle of a panel. */
    void add(Piece piece) {
        PanelBone bone = new PanelBone(boning().nextOwn(), piece.id(), 0.5);
        once("channel in the " + piece.name().toLowerCase(Locale.ROOT), boning().withPanel(bone));
        choose(bone.id());
    }

    void width(Length width) {
        once("bones " + LengthText.say(width, workshop.unit()) + " wide", boning().withWidth(Optional.of(width)));
    }
}
