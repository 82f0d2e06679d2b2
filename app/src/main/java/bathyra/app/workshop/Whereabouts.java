package bathyra.app.workshop;

import bathyra.book.WorkshopBook;
import bathyra.reckon.Rule;
import java.util.Arrays;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/** Where one is in the window, and how it looks. The stage and the theme are kept in the book, to be found again. */
public final class Whereabouts {
    private static final String STAGE = "stage";
    private static final String THEME = "theme";
    private static final String BOOK = "book";

    private final ObjectProperty<Stage> stage = new SimpleObjectProperty<>(Stage.MEASURE);
    private final ObjectProperty<Theme> theme = new SimpleObjectProperty<>(Theme.LIGHT);
    private final ObjectProperty<Boolean> dark = new SimpleObjectProperty<>(false);
    private final ObjectProperty<Optional<Over>> over = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<Rule>> rule = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<BookPage> page = new SimpleObjectProperty<>(BookPage.LIST);

    Whereabouts(WorkshopBook book) {
        stage.set(Stage.named(book.place(STAGE).orElse("")));
        theme.set(Theme.named(book.place(THEME).orElse("")));
        dark.set(theme.get() == Theme.DARK);
        page.set(Arrays.stream(BookPage.values())
                .filter(p -> p.name().equals(book.place(BOOK).orElse("")))
                .findFirst()
                .orElse(BookPage.LIST));
        page.addListener((o, was, now) -> book.keepPlace(BOOK, now.name()));
        stage.addListener((o, was, now) -> book.keepPlace(STAGE, now.name()));
        theme.addListener((o, was, now) -> {
            book.keepPlace(THEME, now.word());
            if (now != Theme.SYSTEM) {
                dark.set(now == Theme.DARK);
            }
        });
        dark.addListener((o, was, now) -> {
            if (theme.get() != Theme.SYSTEM) {
                theme.set(now ? Theme.DARK : Theme.LIGHT);
            }
        });
    }

    /** The stage of the job in view, or behind what lies over it. */
    public ObjectProperty<Stage> stageProperty() {
        return stage;
    }

    /** Which look was chosen. */
    public ObjectProperty<Theme> themeProperty() {
        return theme;
    }

    /** Whether the window is dark. */
    public ObjectProperty<Boolean> darkProperty() {
        return dark;
    }

    /** What lies over the stage in hand; empty for nothing. */
    public ReadOnlyObjectProperty<Optional<Over>> overProperty() {
        return over;
    }

    public boolean isOpen(Over page) {
        return over.get().equals(Optional.of(page));
    }

    /** Lays a page over the stages. */
    public void open(Over page) {
        rule.set(Optional.empty());
        over.set(Optional.of(page));
    }

    /** Returns from whatever lies over the stages. */
    public void close() {
        over.set(Optional.empty());
    }

    /** How the book is looked at when it is open. */
    public ObjectProperty<BookPage> pageProperty() {
        return page;
    }

    /** The rule that is read, on a page of its own instead of a stage; empty for none. */
    public ObjectProperty<Optional<Rule>> ruleProperty() {
        return rule;
    }

    /** Whether a stage is in view, and nothing lies over it. */
    public boolean isAt(Stage of) {
        return stage.get() == of && over.get().isEmpty();
    }

    /** Goes to a stage, from wherever one is. */
    public void goTo(Stage next) {
        close();
        rule.set(Optional.empty());
        stage.set(next);
    }
}
