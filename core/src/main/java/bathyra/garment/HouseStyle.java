package bathyra.garment;

import java.util.Optional;

/** A design kept without a body, from which commissions are begun. @param name by which the house calls it */
public record HouseStyle(String name, Garment garment) {
    /** Of a garment that was made for somebody: what an earlier edition gave it belongs to that body. */
    public static HouseStyle of(String name, Garment garment) {
        return new HouseStyle(name, garment.keeping(Optional.empty()));
    }
}
