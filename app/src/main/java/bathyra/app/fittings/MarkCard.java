package bathyra.app.fittings;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.Deed;
import bathyra.app.workshop.Workshop;
import bathyra.correction.Elsewhere;
import bathyra.correction.GapShape;
import bathyra.correction.Proposal;
import bathyra.correction.ReadBack;
import bathyra.correction.Rest;
import bathyra.draft.Draft;
import bathyra.finding.Finding;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.Mark;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.length.Sentence;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** The card beside the toile: the mark in hand with what it would move, or the fitting itself; and the draft that would be made. */
final class MarkCard {
    private final Workshop workshop;
    private final FittingsModel model;
    private final MarkControls controls;
    private final SettingControls setting;

    private final LookingBack back;

    MarkCard(Workshop workshop, FittingsModel model, LookingBack back) {
        this.workshop = workshop;
        this.back = back;
        this.model = model;
        this.controls = new MarkControls(workshop, model);
        this.setting = new SettingControls(workshop, model);
    }

    void show(Card card) {
        Optional<Fitting> fitting = model.fitting();
        if (fitting.isEmpty()) {
            card.begin("Fittings");
            card.words("Write down what you see on the toile; each mark becomes a correction of the draft.");
            Button begin = new Button("Begin with the toile");
            begin.setId("begin-with-the-toile");
            begin.getStyleClass().add("primary");
            begin.setOnAction(e -> model.begin(FittingKind.TOILE));
            card.add(begin);
            back(card);
            return;
        }
        if (model.kept().pair().isPresent()) {
            compared(card, model.kept().pair().get());
            return;
        }
        if (model.mark().isPresent()) {
            mark(card, fitting.get(), model.mark().get());
        } else {
            fitting(card, fitting.get());
        }
        next(card, fitting.get());
    }

    private LengthUnit unit() {
        return workshop.unit();
    }

    private void mark(Card card, Fitting fitting, Mark mark) {
        controls.show(mark);
        card.begin(MarkWords.place(mark), controls);
        card.belowControls();
        Optional<Proposal> one = model.one();
        Optional<Sentence> why = one.map(Proposal::open).map(o -> o.get(mark.number()));
        card.section("How it came about");
        card.words(new MarkWords(unit()).howItCame(mark, fitting, model.tried().orElseThrow()));
        why.ifPresent(w -> card.words(w.in(unit()), "caution"));
        one.ifPresent(p -> p.said().forEach(s -> card.words(s.in(unit()), "caution")));
        if (one.isPresent() && why.isEmpty()) {
            List<Elsewhere> moved = model.elsewhere();
            card.section("Elsewhere");
            if (moved.isEmpty()) {
                card.words("Nothing else moves.", "quiet");
            }
            if (!moved.isEmpty()) {
                card.add(row(unit().symbol(), "before", "after", false));
            }
            moved.forEach(e -> card.add(
                    row(e.name(), LengthText.figure(e.before(), unit()), LengthText.figure(e.after(), unit()), true)));
        } else if (model.isWorking()) {
            card.words("Drafting what it would change …", "quiet");
        }
    }

    private static HBox row(String name, String before, String after, boolean bold) {
        Label label = new Label(name);
        label.setWrapText(true);
        label.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(label, Priority.ALWAYS);
        Label was = new Label(before);
        was.getStyleClass().addAll("quiet", "moved-figure");
        Label is = new Label(after);
        is.getStyleClass().add("moved-figure");
        if (bold) {
            is.getStyleClass().add("check-name");
        }
        HBox row = new HBox(8, label, was, is);
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }

    /** Two drafts in figures: what one has otherwise than the other. */
    private void compared(Card card, KeptDrafts.Pair pair) {
        card.begin(pair.former() + " and " + pair.later());
        List<Elsewhere> moved = Elsewhere.between(pair.before(), pair.after());
        card.section("What moved");
        if (moved.isEmpty()) {
            card.words("Nothing by more than 0.5 mm.", "quiet");
        } else {
            card.add(row(unit().symbol(), "before", "after", false));
        }
        moved.forEach(e -> card.add(
                row(e.name(), LengthText.figure(e.before(), unit()), LengthText.figure(e.after(), unit()), true)));
        card.words("Press the bead again to go on with the fitting; press a second one to compare the two.", "quiet");
    }

    private void fitting(Card card, Fitting fitting) {
        setting.show(fitting);
        card.begin(fitting.kind().label() + " " + fitting.number(), setting);
        card.belowControls();
        Optional<LocalDate> before = model.before().flatMap(Fitting::day);
        if (before.isPresent()
                && fitting.day().filter(d -> d.isBefore(before.get())).isPresent()) {
            card.words("This fitting is dated before the one that came before it. Look at its day.", "caution");
        }
        if (workshop.commission().garment().fastening().closure().isLaced()) {
            card.words(GapShape.of(fitting).meaning(fitting).in(unit()));
        }
        List<Rest> rest = model.rest();
        if (!rest.isEmpty()) {
            card.section("From the fitting before");
            card.add(head());
            rest.forEach(r -> card.add(rest(r)));
        }
        if (model.isClothToCome()) {
            card.add(Deed.button(
                    "allow-for-cloth",
                    "Allow " + LengthText.say(model.houseCloth(), unit()) + " for cloth and bones",
                    model::allowForCloth));
        }
        followed(card, fitting);
        back(card);
        card.add(Deed.button("remove-fitting", "Take this fitting away", model::remove));
    }

    /** What fittings have said again and again, to begin with where the cutter wants it. */
    private void back(Card card) {
        if (!back.hasLooked()) {
            card.add(Deed.button(
                    "look-back",
                    back.isLooking() ? "Reading the book …" : "Look back over all fittings in the book",
                    back::look));
            return;
        }
        card.section("What fittings said");
        if (back.ofWearer().isEmpty() && back.ofHouse().isEmpty()) {
            card.words("No level was corrected the same way again and again.", "quiet");
        }
        said(card, back.ofWearer(), Optional.of("this wearer's"), "wearer");
        said(card, back.ofHouse(), Optional.empty(), "house");
    }

    private void said(Card card, List<ReadBack> all, Optional<String> whose, String id) {
        for (ReadBack each : all) {
            card.words(each.sentence(whose).in(unit()));
            card.add(Deed.button(
                    "begin-with-" + id + "-" + each.level().id(),
                    "Begin the " + each.low() + " with it",
                    () -> back.begin(each)));
        }
    }

    /** What the draft follows of this fitting, each to be switched off and on. */
    private void followed(Card card, Fitting fitting) {
        List<Adjustment> own = workshop.commission().adjustments().stream()
                .filter(a -> a.fitting() == fitting.number() && a.change().by().millimetres() != 0)
                .toList();
        if (own.isEmpty()) {
            return;
        }
        card.section("What the draft follows of it");
        for (int i = 0; i < own.size(); i++) {
            Adjustment each = own.get(i);
            CheckBox on = new CheckBox(each.change().words().in(unit()));
            on.setId("follows-" + i);
            on.setWrapText(true);
            on.setSelected(each.on());
            on.setOnAction(e -> model.turn(each, on.isSelected()));
            card.add(on);
        }
    }

    private static HBox head() {
        HBox head = columns("", "asked", "applied", "now");
        head.getChildren().forEach(n -> n.getStyleClass().add("quiet"));
        return head;
    }

    private HBox rest(Rest rest) {
        HBox row = columns(
                rest.mark().number() + " " + MarkWords.place(rest.mark()),
                signed(rest.asked()),
                signed(rest.applied()),
                rest.now().map(this::signed).orElse("–"));
        row.getChildren()
                .get(row.getChildren().size() - 1)
                .getStyleClass()
                .add(rest.isGood() ? "state-holds" : "state-note");
        return row;
    }

    private static HBox columns(String name, String... figures) {
        Label label = new Label(name);
        label.setWrapText(true);
        label.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(label, Priority.ALWAYS);
        HBox row = new HBox(6, label);
        for (String figure : figures) {
            Label each = new Label(figure);
            each.getStyleClass().add("rest-figure");
            row.getChildren().add(each);
        }
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }

    private String signed(Length length) {
        return LengthText.figure(length, unit());
    }

    /** What the draft would be, and the deed that makes it. */
    private void next(Card card, Fitting fitting) {
        Optional<Proposal> proposal = model.proposal();
        int number = model.kept().next();
        if (fitting.marks().isEmpty()) {
            return;
        }
        boolean none = fitting.marks().stream().noneMatch(m -> m.decision().isFollowed());
        boolean followed = model.isFollowed() && !none;
        card.section(followed ? "The draft follows this fitting" : "Draft " + number + " would be");
        if (none && model.isFollowed()) {
            card.words("Nothing is agreed yet.", "quiet");
            return;
        }
        if (proposal.isEmpty()) {
            card.words(
                    model.isWorking()
                            ? "Drafting …"
                            : "What was tried on cannot be drafted any more: the figures before the fitting give no draft.",
                    "quiet");
            return;
        }
        Proposal p = proposal.get();
        card.words(counts(fitting, p));
        Draft draft = p.draft();
        long notes = draft.with(Finding.Status.NOTE).size();
        card.words(draft.with(Finding.Status.OK).size() + " checks hold"
                + (notes == 0 ? "." : ", " + notes + (notes == 1 ? " note." : " notes.")));
        p.said().forEach(s -> card.words(s.in(unit()), "caution"));
        p.open().forEach((mark, why) -> card.words("Mark " + mark + " is left open: " + why.in(unit()), "quiet"));
        Button make = new Button("Make draft " + number + " from these");
        make.setId("make-draft");
        make.getStyleClass().add("primary");
        make.setMaxWidth(Double.MAX_VALUE);
        make.setMinHeight(Region.USE_PREF_SIZE);
        make.setDisable(followed || model.isWorking());
        make.setOnAction(e -> model.make());
        card.add(make);
    }

    private static String counts(Fitting fitting, Proposal proposal) {
        long followed = fitting.marks().stream()
                .filter(m -> m.decision().isFollowed() && !proposal.open().containsKey(m.number()))
                .count();
        long refused = fitting.marks().stream()
                .filter(m -> m.decision() == Decision.REFUSED)
                .count();
        long open = fitting.marks().size() - followed - refused;
        return followed + (followed == 1 ? " mark followed" : " marks followed")
                + (refused == 0 ? "" : ", " + refused + " refused") + (open == 0 ? "" : ", " + open + " left open")
                + ".";
    }
}
