package bathyra.app.seams;

import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.OptionField;
import bathyra.app.reckoning.SliderControl;
import bathyra.app.table.LookSwitch;
import bathyra.app.workshop.Settings;
import bathyra.app.workshop.Workshop;
import bathyra.garment.BackShaping;
import bathyra.garment.LengthOption;
import bathyra.garment.SeamAxis;
import bathyra.garment.Sharing;
import bathyra.garment.SplitOption;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What can be set for what is looked at: a sounding's split and rules, or a level's ease and depth. */
final class SeamControls extends VBox {
    private final List<OptionField> fields = new ArrayList<>();
    private final List<SliderControl> sliders = new ArrayList<>();
    private SplitControl split;
    private SeamsModel model;
    private LookSwitch<BackShaping> backShaping;

    private SeamControls() {
        getStyleClass().add("controls");
    }

    /** The controls of a sounding. */
    static SeamControls of(Cell cell, Workshop workshop, SeamsModel model, PanelsModel panels) {
        SeamControls controls = new SeamControls();
        SplitOption.of(cell.seam(), cell.level())
                .filter(o -> cell.level() != Level.BUST)
                .ifPresent(option -> {
                    controls.split = new SplitControl(workshop, model, option, cell);
                    controls.getChildren().add(controls.split);
                });
        if (panels.isPanelled() && cell.seam().part() != SeamPlace.Part.CENTRE_BACK) {
            controls.panelled(cell, workshop, panels);
        } else {
            controls.add(workshop, rules(cell));
        }
        if (cell.seam().equals(SeamPlace.PRINCESS_BACK)) {
            controls.back(model);
        }
        return controls;
    }

    /** Whether the back is cut in two or has a dart. */
    private void back(SeamsModel seams) {
        model = seams;
        backShaping = new LookSwitch<>(
                "back-shaping-",
                List.of(BackShaping.values()),
                model.backShaping(),
                BackShaping::label,
                model::shapeBack);
        Label words =
                new Label("With a dart the back is one piece. The dart runs out under the chest line and above the hip;"
                        + " where the garment ends before that, it opens in the lower edge.");
        words.getStyleClass().add("words");
        words.setWrapText(true);
        getChildren().addAll(title("Behind, between side and centre back"), backShaping, words);
    }

    /** Where a corset's seam stands and what it takes at the most. */
    private void panelled(Cell cell, Workshop workshop, PanelsModel panels) {
        SeamPlace seam = cell.seam();
        Settings settings = new Settings(workshop);
        fields.add(new OptionField(settings.cap(cell), workshop::unit));
        if (panels.isMovable(seam)) {
            fields.add(new OptionField(settings.bow(seam), workshop::unit));
            sliders.add(new SliderControl(
                    "lean-" + seam.id(),
                    "Leans outward above",
                    -SeamAxis.LEAN_MOST,
                    SeamAxis.LEAN_MOST,
                    () -> panels.garment().panels().axis(seam).lean(),
                    degrees -> panels.lean(seam, degrees),
                    degrees -> String.format(Locale.ROOT, "%.1f°", degrees),
                    workshop::letGo));
        }
        if (panels.garment().kind().isOverBust() && seam.part() == SeamPlace.Part.FRONT) {
            sliders.add(new SliderControl(
                    "apex-share",
                    "Apex share, bust zone",
                    0,
                    1,
                    () -> panels.garment().sharing().apexShare().orElse(Sharing.APEX_SHARE),
                    panels::apexShare,
                    share -> String.format(Locale.ROOT, "%.0f %%", share * 100),
                    workshop::letGo));
        }
        HBox deeds = new HBox(12);
        if (panels.canAdd()) {
            deeds.getChildren().add(Deed.button("add-seam", "One more seam before it", () -> panels.addBeside(seam)));
        }
        if (panels.canRemove(seam)) {
            deeds.getChildren().add(Deed.button("leave-out", "Leave it out", () -> panels.remove(seam)));
        }
        getChildren().addAll(fields);
        getChildren().addAll(sliders);
        getChildren().add(deeds);
        if (panels.isMovable(seam)) {
            getChildren()
                    .add(Deed.button(
                            "to-its-place", "Back to its place, upright and straight", () -> panels.placed(seam)));
        }
    }

    /** The controls of a level. */
    static SeamControls of(Level level, Workshop workshop) {
        SeamControls controls = new SeamControls();
        OptionField ease = new OptionField(new Settings(workshop).ease(level), workshop::unit);
        controls.fields.add(ease);
        controls.getChildren().addAll(title("Set for this level"), ease);
        controls.add(
                workshop,
                level == Level.UPPER
                        ? List.of(
                                LengthOption.CHEST_LINE_EXTRA,
                                LengthOption.UNDERARM_LOWERING,
                                LengthOption.BACK_FALL,
                                LengthOption.COVERAGE,
                                LengthOption.SWEETHEART_DIP,
                                LengthOption.SHOULDER_DROP)
                        : List.of());
        return controls;
    }

    /** The rule lengths that shape a sounding. */
    private static List<LengthOption> rules(Cell cell) {
        boolean corset = !cell.seam().isPrincess() && cell.seam().part() != SeamPlace.Part.CENTRE_BACK;
        return corset
                ? List.of()
                : switch (cell.seam().part()) {
                    case FRONT ->
                        cell.level() == Level.UPPER
                                ? List.of(
                                        LengthOption.UPPER_LESS,
                                        LengthOption.UPPER_SPLAY,
                                        LengthOption.DART_END,
                                        LengthOption.APEX_RADIUS)
                                : cell.level() == Level.BUST || cell.level() == Level.UNDERBUST
                                        ? List.of(
                                                LengthOption.DART_END,
                                                LengthOption.APEX_RADIUS,
                                                LengthOption.WAIST_DART)
                                        : List.of(LengthOption.WAIST_DART);
                    case SIDE -> List.of();
                    case BACK -> List.of(LengthOption.BACK_DART);
                    case CENTRE_BACK -> List.of(LengthOption.CENTRE_BACK_IN);
                };
    }

    private void add(Workshop workshop, List<LengthOption> options) {
        Settings settings = new Settings(workshop);
        if (!options.isEmpty() && fields.isEmpty()) {
            getChildren().add(title("The lengths of its rules"));
        }
        for (LengthOption option : options) {
            OptionField field = new OptionField(settings.length(option), workshop::unit);
            fields.add(field);
            getChildren().add(field);
        }
    }

    private static Label title(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("section-title");
        return label;
    }

    void refresh() {
        fields.forEach(OptionField::refresh);
        sliders.forEach(SliderControl::refresh);
        if (split != null) {
            split.refresh();
        }
        if (backShaping != null) {
            backShaping.choose(model.backShaping());
        }
    }
}
