package bathyra.app.shelf;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.money.MoneyView;
import bathyra.app.reckoning.Card;
import bathyra.app.stage.Files;
import bathyra.app.stage.Scroll;
import bathyra.app.stores.StoresView;
import bathyra.app.table.LookSwitch;
import bathyra.app.table.TextSize;
import bathyra.app.weeks.WeeksView;
import bathyra.app.workshop.BookPage;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import bathyra.book.Backups;
import bathyra.book.Commissions.Entry;
import bathyra.book.Trash;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.DocumentText;
import bathyra.geometry.Point;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.slf4j.LoggerFactory;

/** The workshop book as a shelf: every commission, found as one types, with its day, its notes and what can be done with it. */
public final class ShelfView extends BorderPane {
    private static final String LOOK = "shelf-look";
    private static final String EVERY_PRODUCTION = "Every production";
    /** Pixels. */
    private static final double PRODUCTION = 170;

    private final Workshop workshop;
    private final Files files;
    private final ShelfCard beside;
    private final TextField words = new TextField();
    private final CheckBox archived = new CheckBox("Archived too");
    private final ListView<Entry> list = new ListView<>();
    private final ComboBox<String> productions = new ComboBox<>();
    private final Label found = new Label();
    private final Card card = new Card();
    private final StateReader states;
    private final ManyCard many;
    private final TrashCard trash;
    private final Map<Long, List<List<Point>>> sketches = new HashMap<>();
    private ShelfLook look;
    private Search search = new Search(List.of());
    /** Told that more was counted, where another page than the list is shown. */
    private Optional<Runnable> counted = Optional.empty();

    /** @param restore puts a backup in the place of the book and opens it */
    public ShelfView(Workshop workshop, Files files, Consumer<Backups.Backup> restore) {
        this.workshop = workshop;
        this.files = files;
        this.beside = new ShelfCard(workshop, files, card, restore, this::read, this::open, this::wearer);
        this.many = new ManyCard(workshop, files, card, this::read);
        this.trash = new TrashCard(workshop, card, this::read);
        this.look = ShelfLook.read(workshop.book().place(LOOK).orElse(""));
        this.states =
                new StateReader(workshop, workshop.whereabouts().pageProperty().get() == BookPage.LIST, () -> {
                    search = new Search(workshop.entries());
                    sketches.clear();
                    list.refresh();
                    counted.ifPresent(Runnable::run);
                });
        sceneProperty().addListener((o, was, now) -> {
            if (now == null) {
                states.stop();
            }
        });
        Label title = new Label("Workshop book");
        title.getStyleClass().add("shelf-title");
        BookPage page = workshop.whereabouts().pageProperty().get();
        HBox headed = new HBox(
                24,
                title,
                new LookSwitch<>(
                        "book-", List.of(BookPage.values()), page, BookPage::label, next -> workshop.whereabouts()
                                .pageProperty()
                                .set(next)));
        headed.setAlignment(Pos.CENTER_LEFT);
        words.setId("search");
        words.setPromptText("Wearer, title, day or state");
        words.setAccessibleText("Find a commission");
        words.textProperty().addListener((o, was, now) -> look());
        words.setOnKeyPressed(e -> {
            if (PlaceKey.TO_THE_LIST.isPressed(e)) {
                list.requestFocus();
            }
        });
        HBox.setHgrow(words, Priority.ALWAYS);
        archived.setId("archived");
        archived.setMinWidth(Region.USE_PREF_SIZE);
        archived.setOnAction(e -> look());
        Button begin = new Button("New commission");
        begin.setId("new-commission");
        begin.setOnAction(e -> workshop.whereabouts().open(Over.NEW));
        Button chorus = new Button("One design for many");
        chorus.setId("chorus");
        Button in = new Button("Take in");
        in.setId("take-in-commission");
        in.setAccessibleText("Take in a commission document");
        in.setOnAction(e -> takeIn());
        HBox bar = new HBox(12, words, in, chorus, begin);
        bar.getStyleClass().add("fields");
        FlowPane looks = new FlowPane(
                10,
                6,
                choice("shelf-order", "Order", ShelfLook.Order.values(), look.order(), o -> look.by(o)),
                choice("shelf-kind", "Kind of garment", ShelfLook.Kind.values(), look.kind(), k -> look.of(k)),
                choice(
                        "shelf-which",
                        "Which commissions",
                        ShelfLook.Which.values(),
                        look.which(),
                        w -> look.showing(w)),
                productions,
                archived);
        productions.setId("shelf-production");
        productions.setAccessibleText("Which production");
        TextSize.width(productions, PRODUCTION);
        productions.setOnAction(e -> produced());
        looks.setAlignment(Pos.CENTER_LEFT);
        list.setId("shelf");
        list.setAccessibleText("Commissions");
        list.setCellFactory(l -> new ShelfCell(states::state, this::sketch));
        list.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        list.setOnKeyPressed(e -> {
            if (PlaceKey.IN_HAND.isPressed(e)) {
                open();
            }
        });
        list.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                open();
            }
        });
        list.getSelectionModel().getSelectedItems().addListener((ListChangeListener<Entry>) c -> card());
        VBox.setVgrow(list, Priority.ALWAYS);
        found.getStyleClass().addAll("words", "quiet");
        found.setId("found");
        VBox shelf = new VBox(8, headed, bar, looks, list, found);
        shelf.getStyleClass().add("shelf");
        setCenter(shelf);
        chorus.setOnAction(e -> {
            setRight(null);
            setCenter(new ChorusView(workshop, files, () -> {
                read();
                setCenter(shelf);
                setRight(Scroll.filling(card));
            }));
        });
        setRight(Scroll.filling(card));
        words.setOnAction(e -> open());
        if (page == BookPage.LIST) {
            read();
        } else {
            Region other = page(page);
            VBox.setVgrow(other, Priority.ALWAYS);
            shelf.getChildren().setAll(headed, other);
            findOut();
        }
    }

    /** One of the pages beside the list. */
    private Region page(BookPage page) {
        return switch (page) {
            case WEEKS -> {
                WeeksView weeks = new WeeksView(
                        workshop, files, card, () -> workshop.whereabouts().goTo(Stage.MAKING));
                counted = Optional.of(weeks::counted);
                yield weeks;
            }
            case STORES -> {
                StoresView stores = new StoresView(workshop, files, card);
                counted = Optional.of(stores::read);
                yield stores;
            }
            case MONEY -> {
                counted = Optional.of(() -> {});
                yield new MoneyView(workshop, card);
            }
            case LIST -> throw new IllegalArgumentException("the list is no other page");
        };
    }

    /** Reads the book anew and keeps the place in it. */
    private void read() {
        search = new Search(workshop.entries());
        offerProductions();
        findOut();
        look();
    }

    /** The page stands first; what is not known yet is found out afterwards. */
    private void findOut() {
        Platform.runLater(() -> {
            if (getScene() != null && !workshop.isClosed()) {
                states.read(workshop.entries());
            }
        });
    }

    /** What is made for several wearers can be looked at alone. */
    private void offerProductions() {
        List<String> titles = ShelfLook.productions(workshop.entries());
        if (!titles.contains(look.production())) {
            look = look.madeFor("");
        }
        List<String> all = new ArrayList<>(List.of(EVERY_PRODUCTION));
        all.addAll(titles);
        if (!productions.getItems().equals(all)) {
            productions.getItems().setAll(all);
        }
        productions.setValue(look.production().isEmpty() ? EVERY_PRODUCTION : look.production());
        productions.setVisible(!titles.isEmpty());
    }

    private void produced() {
        String chosen = productions.getValue();
        String title = chosen == null || chosen.equals(EVERY_PRODUCTION) ? "" : chosen;
        if (!title.equals(look.production())) {
            look = look.madeFor(title);
            workshop.book().keepPlace(LOOK, look.write());
            look();
        }
    }

    /** A choice among a few ways to look at the list. */
    private <E extends Enum<E> & ShelfLook.Choice> ComboBox<E> choice(
            String id, String spoken, E[] all, E chosen, Function<E, ShelfLook> next) {
        ComboBox<E> box = new ComboBox<>();
        box.setId(id);
        box.setAccessibleText(spoken);
        box.getItems().setAll(all);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(E each) {
                return each == null ? "" : each.label();
            }

            @Override
            public E fromString(String label) {
                return chosen;
            }
        });
        box.setValue(chosen);
        box.setOnAction(e -> {
            look = next.apply(box.getValue());
            workshop.book().keepPlace(LOOK, look.write());
            look();
        });
        return box;
    }

    private List<List<Point>> sketch(Entry entry) {
        return sketches.computeIfAbsent(
                entry.id(), id -> workshop.book().sketches().find(id).orElse(List.of()));
    }

    private void look() {
        long chosen = Optional.ofNullable(list.getSelectionModel().getSelectedItem())
                .map(Entry::id)
                .orElse(workshop.id());
        boolean trash = look.which() == ShelfLook.Which.TRASH;
        Search among = trash
                ? new Search(workshop.book().trash().list().stream()
                        .map(Trash.Thrown::entry)
                        .toList())
                : search;
        Map<Long, String> kinds = look.kind() == ShelfLook.Kind.ANY
                ? Map.of()
                : workshop.book().commissions().kinds();
        List<Entry> entries =
                look.of(among.find(words.getText(), trash || archived.isSelected()), kinds, LocalDate.now());
        list.getSelectionModel().clearSelection();
        list.getItems().setAll(entries);
        found.setText(entries.size() == 1 ? "One commission" : entries.size() + " commissions");
        entries.stream()
                .filter(e -> e.id() == chosen)
                .findFirst()
                .or(() -> entries.stream().findFirst())
                .ifPresent(e -> list.getSelectionModel().select(e));
        card();
    }

    /** All of one wearer, in the place of the list. */
    private void wearer(String name) {
        Node shelf = getCenter();
        setCenter(new WearerPage(
                workshop,
                name,
                () -> {
                    read();
                    setCenter(shelf);
                },
                entry -> {
                    workshop.deeds().switchTo(entry.id());
                    workshop.whereabouts().close();
                }));
    }

    private void open() {
        Entry entry = list.getSelectionModel().getSelectedItem();
        if (entry != null && look.which() != ShelfLook.Which.TRASH) {
            workshop.deeds().switchTo(entry.id());
            workshop.whereabouts().close();
        }
    }

    private void card() {
        if (counted.isPresent()) {
            return;
        }
        List<Entry> chosen = list.getSelectionModel().getSelectedItems().stream()
                .filter(Objects::nonNull)
                .toList();
        if (look.which() == ShelfLook.Which.TRASH) {
            trash.show(chosen);
        } else if (chosen.size() > 1) {
            many.show(chosen);
        } else {
            beside.show(chosen.stream().findFirst());
        }
    }

    /** Takes in a commission document as a new commission. */
    private void takeIn() {
        files.which(getScene().getWindow(), "Commission", "json").ifPresent(path -> {
            try {
                workshop.deeds()
                        .switchTo(workshop.book()
                                .commissions()
                                .add(CommissionJson.read(DocumentText.read(path, DocumentText.COMMISSION_MOST))));
                workshop.whereabouts().close();
            } catch (BadDocument e) {
                found.setText(path.getFileName() + " was not taken in. "
                        + String.join(
                                "  ",
                                e.faults().subList(0, Math.min(3, e.faults().size()))));
            } catch (IOException e) {
                LoggerFactory.getLogger(ShelfView.class).warn("taking in a commission", e);
                found.setText(path.getFileName()
                        + " could not be read. Look whether it is there and whether you may read it.");
            }
        });
    }
}
