package bathyra.app.foreign;

import bathyra.app.form.WornPicture;
import bathyra.app.home.Version;
import bathyra.app.keyboard.PlaceKey;
import bathyra.app.output.AllOrNone;
import bathyra.app.reckoning.Card;
import bathyra.app.stage.Files;
import bathyra.app.stage.Scroll;
import bathyra.app.table.Drawing;
import bathyra.app.table.Table;
import bathyra.app.table.TextSize;
import bathyra.app.table.ZoomSlip;
import bathyra.app.truing.TruingStrip;
import bathyra.app.workshop.Workshop;
import bathyra.files.PatternFiles;
import bathyra.finding.Finding;
import bathyra.foreign.DrawnUnit;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.piece.Pattern;
import bathyra.piece.SeamJoin;
import bathyra.truing.SeamPair;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.slf4j.LoggerFactory;

/** A pattern from elsewhere on the table: it is checked and trued like one's own, kept as a document, or used as a block to start from. */
public final class ForeignView extends BorderPane {
    private static final double REACH = 9;
    /** A little from the side one sees both the bust and the side seam, radians. */
    private static final double SIDEWAYS = 0.5;

    /** Pixels of a drag for a radian. */
    private static final double PER_TURN = 120;

    private static final double STEP = Math.toRadians(15);
    private final Workshop workshop;
    private final Files files;
    private final ForeignModel model;
    private final Table table;
    private final Card card = new Card();
    private final ForeignCard parts;
    private final TruingStrip strip = new TruingStrip();
    private final WornPicture worn = new WornPicture("foreign-worn", "The pattern from elsewhere on the wearer's body");
    private final Button lookAt = deed("show its pieces", "foreign-look-at");
    private final ZoomSlip zoom;
    private double turn = SIDEWAYS;
    private double held;
    private boolean pieces;
    private final Label walked = new Label();
    private final Label said = new Label();
    private final Button nextSeam = deed("next seam", "foreign-next-seam");
    private final Button unsew = deed("do not sew these", "foreign-unsew");
    private Optional<Finding> finding = Optional.empty();
    private Optional<ForeignDrawn> drawn = Optional.empty();
    private Optional<DrawnUnit> fitted = Optional.empty();

    /** @param closed run when one has seen enough */
    public ForeignView(Workshop workshop, Files files, Runnable closed) {
        this.workshop = workshop;
        this.files = files;
        this.model = new ForeignModel(workshop, Platform::runLater, this::show);
        this.table = new Table(workshop::unit);
        table.setId("foreign-table");
        zoom = new ZoomSlip(table);
        zoom.managedProperty().bind(zoom.visibleProperty());
        zoom.visibleProperty().bind(table.visibleProperty());
        table.setAccessibleText("The pattern from elsewhere");
        parts = new ForeignCard(
                workshop,
                model,
                this::show,
                f -> {
                    finding = Optional.of(f);
                    show();
                },
                this::keep,
                () -> model.asBlock()
                        .ifPresentOrElse(
                                this::say, () -> say("The draft now starts from this block. Undo takes it back.")));
        table.setOnMouseClicked(e -> {
            if (e.isStillSincePress()) {
                drawn.flatMap(d -> d.edgeAt(
                                table.viewProperty().get().toPaper(e.getX(), e.getY()),
                                REACH / table.viewProperty().get().scale()))
                        .ifPresent(at -> {
                            model.choose(at);
                            show();
                        });
            }
        });
        nextSeam.setOnAction(e -> {
            model.nextSeam();
            show();
        });
        unsew.setOnAction(e -> {
            model.unsew();
            show();
        });
        Button another = new Button("Take in another");
        another.setId("foreign-another");
        another.setOnAction(e -> ask());
        Button back = new Button("Back to the stages");
        back.setId("foreign-back");
        back.setOnAction(e -> closed.run());
        lookAt.setOnAction(e -> {
            pieces = !pieces;
            show();
        });
        worn.addEventHandler(KeyEvent.KEY_PRESSED, this::turn);
        worn.setCursor(Cursor.H_RESIZE);
        worn.setOnMousePressed(e -> {
            worn.requestFocus();
            held = turn + e.getX() / PER_TURN;
        });
        worn.setOnMouseDragged(e -> {
            turn = held - e.getX() / PER_TURN;
            worn.show(model.tried().seen(), turn);
        });
        HBox slips = new HBox(10, lookAt, another, back, zoom);
        slips.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(slips, Pos.BOTTOM_RIGHT);
        StackPane.setMargin(slips, new Insets(0, 10, 10, 0));
        setCenter(new BorderPane(new StackPane(table, worn, slips), null, null, foot(), null));
        setRight(Scroll.filling(card));
        show();
    }

    private static Button deed(String words, String id) {
        Button deed = new Button(words);
        deed.getStyleClass().add("deed");
        deed.setId(id);
        deed.setMinWidth(Region.USE_PREF_SIZE);
        return deed;
    }

    private VBox foot() {
        Label head = new Label("Truing");
        head.getStyleClass().add("section-head");
        walked.setMinWidth(0);
        walked.setId("foreign-walked");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox title = new HBox(10, head, walked, space, unsew, nextSeam);
        title.setAlignment(Pos.BASELINE_LEFT);
        Label under = new Label();
        under.getStyleClass().add("status-line");
        under.textProperty()
                .bind(table.underProperty().map(u -> u.isEmpty() ? "Click an edge; then sew it to another." : u));
        said.getStyleClass().add("status-line");
        said.setId("foreign-said");
        Region apart = new Region();
        HBox.setHgrow(apart, Priority.ALWAYS);
        HBox line = new HBox(10, under, apart, said);
        TextSize.minHeight(line, 20);
        VBox foot = new VBox(2, title, strip, line);
        foot.getStyleClass().add("strip");
        return foot;
    }

    private void say(String words) {
        said.setText(words);
    }

    /** Asks for a file and lays it on the table. @return whether one was named */
    public boolean ask() {
        Optional<Path> file = files.which(
                getScene() == null ? null : getScene().getWindow(), "A pattern from elsewhere", "svg", "dxf", "json");
        file.ifPresent(path -> {
            model.take(path);
            finding = Optional.empty();
            say("");
            show();
            table.fit();
        });
        return file.isPresent();
    }

    private void keep() {
        files.where(
                        getScene().getWindow(),
                        "Pattern document",
                        PatternFiles.fileName(model.name().replaceFirst("\\.[^.]*$", "")) + ".json")
                .ifPresent(path -> {
                    try {
                        AllOrNone.write(
                                Map.of(path, model.document(Version.number()).getBytes(StandardCharsets.UTF_8)));
                        say("Written: " + path.getFileName());
                    } catch (IOException e) {
                        LoggerFactory.getLogger(ForeignView.class).warn("a pattern document was not written", e);
                        say(path.getFileName() + " could not be written. Choose a folder that you may write to.");
                    }
                });
    }

    private void turn(KeyEvent e) {
        if (PlaceKey.TURN.isPressed(e)) {
            turn += PlaceKey.isBack(e) ? -STEP : STEP;
            worn.show(model.tried().seen(), turn);
            e.consume();
        }
    }

    private void onTheBody() {
        boolean tried = model.tried().seen().isPresent();
        if (!tried) {
            pieces = false;
        }
        lookAt.setVisible(tried);
        lookAt.setManaged(tried);
        lookAt.setText(pieces ? "show it on the body" : "show its pieces");
        worn.setVisible(tried && !pieces);
        table.setVisible(!worn.isVisible());
        worn.show(model.tried().seen(), turn);
    }

    private void show() {
        onTheBody();
        Optional<Pattern> pattern = model.pattern();
        drawn = pattern.map(
                p -> new ForeignDrawn(p, workshop.unit(), model.chosen(), model.seam(), finding, model.roles()));
        Optional<Drawing> lies = drawn.<Drawing>map(d -> d)
                .or(() -> model.drawing().map(d -> new RawDrawn(d, model.unit().orElse(DrawnUnit.MM))));
        lies.ifPresentOrElse(table::lay, table::clear);
        if (!model.unit().equals(fitted)) {
            // In another unit the drawing is another size: the view that showed it shows it no longer.
            fitted = model.unit();
            table.fit();
        }
        Optional<SeamJoin> seam = pattern.flatMap(p -> model.seam());
        seam.ifPresentOrElse(s -> strip.show(pattern.orElseThrow(), s, workshop.unit()), strip::clear);
        walked.setText(seam.map(s -> walked(pattern.orElseThrow(), s)).orElse("No two edges are sewn together yet."));
        unsew.setVisible(seam.isPresent());
        nextSeam.setVisible(pattern.map(p -> p.seams().size() > 1).orElse(false));
        parts.show(card, finding);
        card.end();
    }

    private String walked(Pattern pattern, SeamJoin seam) {
        SeamPair pair = SeamPair.of(pattern, seam);
        return seam.name() + ": " + LengthText.say(Length.mm(pair.totalA()), workshop.unit()) + " and "
                + LengthText.say(Length.mm(pair.totalB()), workshop.unit()) + "; up to "
                + LengthText.say(Length.mm(Tolerance.SEAM), LengthUnit.MM) + " apart is allowed";
    }
}
