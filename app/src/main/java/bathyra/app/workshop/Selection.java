package bathyra.app.workshop;

import bathyra.measure.MeasurementKey;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;

/** What is looked at on the stages: it outlasts a change of the stage and of the commission, and is no part of either. */
public final class Selection {
    private final ObjectProperty<Cell> cell =
            new SimpleObjectProperty<>(new Cell(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT));
    private final ObjectProperty<MeasurementKey> measurement = new SimpleObjectProperty<>(MeasurementKey.BUST);
    private final StringProperty light = new SimpleStringProperty("");
    private final BooleanProperty rightHalf = new SimpleBooleanProperty();

    Selection() {}

    /** The sounding that is looked at. */
    public ObjectProperty<Cell> cellProperty() {
        return cell;
    }

    /** The measurement in hand on the measuring page. */
    public ObjectProperty<MeasurementKey> measurementProperty() {
        return measurement;
    }

    /** The figure whose every consequence is lit up on the block; empty for none. */
    public StringProperty lightProperty() {
        return light;
    }

    /** Whether the right half of an uneven body is looked at; else the left, or both alike. */
    public BooleanProperty rightHalfProperty() {
        return rightHalf;
    }
}
