package bathyra.app.table;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.css.CssMetaData;
import javafx.css.SimpleStyleableObjectProperty;
import javafx.css.StyleConverter;
import javafx.css.Styleable;
import javafx.css.StyleableObjectProperty;
import javafx.css.StyleableProperty;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/** Hands the stylesheet's colours to the drawings: an invisible node whose properties the stylesheet sets. */
public final class Palette extends Region {
    private static final Map<Ink, CssMetaData<Palette, Color>> META = new EnumMap<>(Ink.class);
    private static final List<CssMetaData<? extends Styleable, ?>> ALL = new ArrayList<>(Region.getClassCssMetaData());

    static {
        for (Ink ink : Ink.values()) {
            CssMetaData<Palette, Color> meta =
                    new CssMetaData<>(ink.property(), StyleConverter.getColorConverter(), Color.TRANSPARENT) {
                        @Override
                        public boolean isSettable(Palette palette) {
                            return true;
                        }

                        @Override
                        public StyleableProperty<Color> getStyleableProperty(Palette palette) {
                            return palette.colours.get(ink);
                        }
                    };
            META.put(ink, meta);
            ALL.add(meta);
        }
    }

    private final Map<Ink, StyleableObjectProperty<Color>> colours = new EnumMap<>(Ink.class);

    /** Held here, so that it goes with the drawing. */
    private final InvalidationListener grown;

    /** @param changed run when the theme has changed the colours, or words their size */
    public Palette(Runnable changed) {
        getStyleClass().add("palette");
        setManaged(false);
        for (Ink ink : Ink.values()) {
            colours.put(
                    ink, new SimpleStyleableObjectProperty<>(META.get(ink), this, ink.property(), Color.TRANSPARENT));
        }
        colours.get(Ink.RAIL_NOTE).addListener((o, was, now) -> changed.run());
        grown = o -> javafx.application.Platform.runLater(changed);
        TextSize.nowProperty().addListener(new WeakInvalidationListener(grown));
        colours.get(Ink.PAPER).addListener((o, was, now) -> javafx.application.Platform.runLater(changed));
    }

    public Color of(Ink ink) {
        return colours.get(ink).get();
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return ALL;
    }
}
