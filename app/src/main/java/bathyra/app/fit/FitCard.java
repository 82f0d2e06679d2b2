package bathyra.app.fit;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows;
import bathyra.app.table.LookSwitch;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import bathyra.fit.ClothStrength;
import bathyra.fit.CupRoom;
import bathyra.fit.Doubt;
import bathyra.fit.FitCure;
import bathyra.fit.Lacing;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import bathyra.form.Form;
import bathyra.garment.ClothGive;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** The card of the Fit stage: a level as it sits, what a fitting would show, how it would be laced, compared and doubted. */
final class FitCard {
    private static final double EASE_STEP = 5;
    private static final double TENS = 10;

    private final Workshop workshop;
    private final FitModel model;
    private final Card card;
    private final LookSwitch<Read> read;
    private Read asked = Read.GIRTH;

    /** What is read at a level. */
    enum Read {
        GIRTH("Girth", Worn.LevelReading::lies),
        PULL("Pull", Worn.LevelReading::pulls),
        PRESSURE("Press", Worn.LevelReading::presses),
        SIDE("Height", Worn.LevelReading::side);

        private final String label;
        private final Function<Worn.LevelReading, Reckoned> of;

        Read(String label, Function<Worn.LevelReading, Reckoned> of) {
            this.label = label;
            this.of = of;
        }
    }

    FitCard(Workshop workshop, FitModel model, Card card) {
        this.workshop = workshop;
        this.model = model;
        this.card = card;
        this.read = new LookSwitch<>("read-", List.of(Read.values()), asked, r -> r.label, this::ask);
        read.getStyleClass().add("narrow");
        read.setAccessibleText("Which reading's reckoning is shown");
    }

    void write(Optional<FitModel.Shown> shown) {
        if (model.failure().isPresent()) {
            card.begin("The body");
            card.words(model.failure().get(), "caution");
            card.end();
            return;
        }
        if (shown.isEmpty()) {
            card.begin(model.isWorking() ? "Being worked out …" : "Nothing on the stand yet");
            if (!model.isWorking()) {
                card.words(
                        "Here the garment is put on the body before cloth is cut. Take the measurements and set the girths first.");
                Button go = new Button("Go to Measure");
                go.getStyleClass().add("primary");
                go.setOnAction(e -> workshop.whereabouts().goTo(Stage.MEASURE));
                card.add(go);
            }
            card.end();
            return;
        }
        Worn worn = shown.get().worn();
        Level level = model.level();
        Optional<Worn.LevelReading> inHand =
                shown.get().levels().stream().filter(r -> r.level() == level).findFirst();
        inHand.ifPresent(this::level);
        sights(shown.get());
        shown.get().lacing().ifPresent(this::lacing);
        shown.get().cup().ifPresent(this::cup);
        inHand.ifPresent(this::reckoned);
        comparing();
        doubts();
        form(worn.form());
        card.section("What it assumes");
        card.words(
                (model.give() == ClothGive.FIRM
                                ? "Cloth like firm coutil"
                                : model.give() == ClothGive.GIVES
                                        ? "Cloth that gives like a satin"
                                        : "Cloth by its stretch test")
                        + ", no friction: how high it rides is the least certain. Light is under 1 kPa, firm to 3, hard past it; half or twice of that is as likely.",
                "quiet");
        card.words(worn.assumed(), "quiet");
        if (!worn.rest().settled() && !model.isWorking()) {
            card.words(
                    String.format(
                            Locale.ROOT,
                            "It has not come wholly to rest: %.1f N are left over at one place. Take the figures as rough.",
                            worn.rest().residual()),
                    "caution");
        }
        card.end();
    }

    private String figure(double mm) {
        return LengthText.figure(Length.mm(mm), workshop.unit());
    }

    private String say(double mm) {
        return LengthText.say(Length.mm(mm), workshop.unit());
    }

    private void level(Worn.LevelReading reading) {
        card.begin(reading.level().label() + ", as it sits");
        double off = reading.worn() - reading.planned();
        card.words("The garment lies at " + say(reading.worn()) + "; planned were " + say(reading.planned()) + ".");
        card.words(
                Math.abs(off) < 3
                        ? "It sits as planned."
                        : off > 0
                                ? "The body keeps it " + say(off) + " wider than planned."
                                : "It sits " + say(-off) + " closer than planned.");
        card.words(
                String.format(
                        Locale.ROOT,
                        "It pulls %.0f N on each metre of height; by half or twice the softness it presses %s to %s.",
                        reading.tension(),
                        Worn.pressing(reading.pressure() / 2),
                        Worn.pressing(2 * reading.pressure())),
                "quiet");
        card.words("It presses: " + Worn.pressing(reading.pressure()) + ".");
        if (reading.level() == Level.WAIST) {
            ClothStrength cloth = ClothStrength.of(workshop.commission().garment(), List.of(reading));
            card.section("The cloth");
            card.words(cloth.sentence().in(workshop.unit()), cloth.holds() ? "quiet" : "caution");
        }
        Button less = new Button("Less");
        less.setId("fit-ease-less");
        less.setAccessibleText("5 mm less at the " + reading.level().label().toLowerCase(Locale.ROOT));
        less.setOnAction(e -> model.ease(-EASE_STEP));
        Button more = new Button("More");
        more.setId("fit-ease-more");
        more.setAccessibleText("5 mm more at the " + reading.level().label().toLowerCase(Locale.ROOT));
        more.setOnAction(e -> model.ease(EASE_STEP));
        card.add(FitView.choice("Ease", new HBox(6, less, more)));
        card.words("At the side its line lies "
                + (Math.abs(reading.ridesSide()) < 3
                        ? "in place."
                        : say(Math.abs(reading.ridesSide())) + (reading.ridesSide() > 0 ? " too high." : " too low.")));
    }

    private void reckoned(Worn.LevelReading reading) {
        card.section(reading.level().label() + ", read on the cloth");
        card.add(read);
        card.reckoning(asked.of.apply(reading), workshop.unit(), input -> {});
    }

    private void ask(Read which) {
        asked = which;
        write(model.shown());
    }

    private void lacing(Lacing lacing) {
        card.section("Laced with one cord");
        List<Lacing.Gap> gaps = lacing.gaps();
        Lacing.Gap waist = gaps.stream()
                .min(Comparator.comparingDouble(g -> Math.abs(g.height())))
                .orElseThrow();
        card.words(String.format(Locale.ROOT, "Pulled with %.0f N/m the back opens ", lacing.pull())
                + figure(gaps.get(0).open()) + " at the top, " + figure(waist.open()) + " at the waist and "
                + say(gaps.get(gaps.size() - 1).open()) + " at the lower edge: " + lacing.shape() + ".");
        Button less = new Button("Less");
        less.setId("fit-cord-less");
        less.setAccessibleText("Pull the cord less");
        less.setOnAction(e -> model.lace(lacing.pull() - FitModel.PULL_STEP));
        Button more = new Button("More");
        more.setId("fit-cord-more");
        more.setAccessibleText("Pull the cord more");
        more.setOnAction(e -> model.lace(lacing.pull() + FitModel.PULL_STEP));
        card.add(FitView.choice("Pull", new HBox(6, less, more)));
    }

    private void cup(CupRoom room) {
        card.section("Cup and breast");
        card.words("One breast holds about " + Math.round(room.breast() / TENS) * (int) TENS + " ml. Pressed in: "
                + CupRoom.band(room.pressed()) + ". Empty: " + CupRoom.band(room.empty())
                + ". Between the breasts, where cloth always bridges: " + CupRoom.band(room.hollow()) + ".");
    }

    /** What one would see at a fitting, the worst first; each leads to where it is. */
    private void sights(FitModel.Shown shown) {
        card.section("What a fitting would show");
        if (shown.sights().isEmpty()) {
            card.words("Nothing stands away or bites in by more than " + say(4) + ".");
        }
        int number = 1;
        for (Sight sight : shown.sights()) {
            Button look = CardRows.sentence(
                    sight.sentence().in(workshop.unit()), "sight-" + number++, () -> model.choose(sight));
            look.setAccessibleText(look.getText() + " Show it");
            card.add(look);
            if (model.chosen().equals(Optional.of(sight))) {
                cures();
            }
        }
    }

    /** Below the sight that is looked at what was tried against it on the form. */
    private void cures() {
        if (model.cures().isEmpty()) {
            card.words("What would cure it is being tried on the form …", "quiet");
            return;
        }
        if (model.cures().get().isEmpty()) {
            card.words(
                    switch (model.chosen().orElseThrow().kind()) {
                        case BONE_BENT, BONE_END, BONE_ON_HIP -> "What helps is done on Bones.";
                        case FOLD_ACROSS ->
                            "No girth that was tried takes it away. At a fitting it is shortened between two levels.";
                        default -> "Nothing that was tried on the form helps by itself.";
                    },
                    "quiet");
        }
        int number = 1;
        for (FitCure cure : model.cures().get()) {
            Button take = new Button(cure.deed().in(workshop.unit()));
            take.setId("fit-cure-" + number++);
            take.setMaxWidth(Double.MAX_VALUE);
            boolean pressure = model.chosen().orElseThrow().kind().isPressure();
            take.setOnAction(e -> model.take(cure));
            card.add(take);
            card.words(
                    pressure
                            ? "presses " + Worn.pressing(cure.before()) + " → " + Worn.pressing(cure.after())
                            : "roughly " + figure(cure.before()) + " → " + say(cure.after()),
                    "quiet");
        }
    }

    /** Other ways to make it, put on the same body. */
    private void comparing() {
        card.section("Compare on this body");
        if (workshop.comparison().compared().isPresent()) {
            card.words(model.beside()
                    .other()
                    .map(o -> "“" + o.of().name()
                            + "” is drawn in coral from above, and stands beside in the table. There "
                            + (o.sights().isEmpty()
                                    ? "nothing would be seen."
                                    : "one would see first: "
                                            + o.sights().get(0).sentence().in(workshop.unit())))
                    .orElse("“" + workshop.comparison().compared().get().name() + "” is being put on the body …"));
            Button end = new Button("Compare no more");
            end.setId("fit-compare-end");
            end.setOnAction(e -> model.beside().end());
            card.add(end);
            return;
        }
        MenuButton with = new MenuButton("With another way");
        with.setId("fit-compare");
        model.beside().ways().forEach((name, garment) -> {
            MenuItem item = new MenuItem(name);
            item.setOnAction(e -> model.beside().with(name, garment));
            with.getItems().add(item);
        });
        card.add(with);
        card.words("Kept versions are compared from their card in the book.", "quiet");
    }

    /** What of this hangs on a figure that nobody has taken. */
    private void doubts() {
        card.section("How sure it is");
        if (model.doubting().doubts().isEmpty()) {
            Button ask = new Button("Try estimates 10 mm wrong");
            ask.setId("fit-doubt");
            ask.setWrapText(true);
            ask.setMinHeight(Region.USE_PREF_SIZE);
            ask.setOnAction(e -> model.doubt());
            card.add(ask);
            return;
        }
        if (model.doubting().isWorking()) {
            card.words("Bodies on which an estimate is " + say(Doubt.WRONG) + " wrong are being tried …", "quiet");
            return;
        }
        if (model.doubting().doubts().get().isEmpty()) {
            card.words("All of it would be seen even if any estimate were " + say(Doubt.WRONG) + " wrong.");
        }
        for (Doubt doubt : model.doubting().doubts().get()) {
            String what = doubt.hanging().stream()
                    .map(s -> s.sentence().in(workshop.unit()))
                    .collect(Collectors.joining(" "));
            card.words("Hangs on “" + doubt.key().label() + "”, which was not taken: " + what);
            Button take = new Button("Take it");
            take.setId("fit-take-" + doubt.key().key());
            take.setOnAction(e -> {
                workshop.selection().measurementProperty().set(doubt.key());
                workshop.whereabouts().goTo(Stage.MEASURE);
            });
            card.add(take);
        }
    }

    private void form(Form form) {
        card.section("The form");
        card.words("One breast stands out " + say(form.proud()) + ".");
        List<String> off = new ArrayList<>();
        for (Form.Residual residual : form.residuals()) {
            if (Math.abs(residual.off()) > 1) {
                off.add(residual.name() + " " + say(Math.abs(residual.off()))
                        + (residual.off() > 0 ? " more" : " less"));
            }
        }
        card.words(
                off.isEmpty()
                        ? "Every tape laid round it reads what it read on the wearer."
                        : "The tapes do not agree with each other. Round the form they read: " + String.join(", ", off)
                                + ". Take those again.",
                off.isEmpty() ? "quiet" : "caution");
        if (!form.tape().assumed().isEmpty()) {
            card.words(
                    "Not taken, and assumed: " + String.join(", ", form.tape().assumed()) + ".", "quiet");
        }
    }
}
