package bathyra.app.workshop;

import bathyra.app.workshop.Showing.Subject;
import bathyra.book.WorkshopBook;
import bathyra.files.json.HouseJson;
import bathyra.files.json.HouseRulesJson;
import bathyra.files.json.HouseStylesJson;
import bathyra.files.json.PriceListJson;
import bathyra.files.json.SizeChartsJson;
import bathyra.garment.HouseRules;
import bathyra.garment.HouseStyle;
import bathyra.house.House;
import bathyra.size.SizeChart;
import bathyra.size.SizeCharts;
import bathyra.stock.PriceList;
import java.util.List;
import java.util.function.Consumer;

/** What belongs to the house and not to a commission, kept in the book: what is bought at which price, who works when, the rules, styles and charts of sizes. */
public final class HouseKept {
    private final Consumer<Subject> changed;
    private final KeptInBook<PriceList> prices;
    private final KeptInBook<House> house;
    private final KeptInBook<HouseRules> houseRules;
    private final KeptInBook<List<SizeChart>> sizeCharts;
    private final KeptInBook<List<HouseStyle>> houseStyles;

    /** @param said hears what cannot be read or written @param changed hears which of it is other now */
    HouseKept(WorkshopBook book, Consumer<String> said, Consumer<Subject> changed) {
        this.changed = changed;
        this.prices = new KeptInBook<>(
                book, "prices", "the prices", PriceListJson::read, PriceListJson::write, PriceList.invented(), said);
        this.house =
                new KeptInBook<>(book, "house", "the workshop", HouseJson::read, HouseJson::write, House.USUAL, said);
        this.houseRules = new KeptInBook<>(
                book,
                "house-rules",
                "the rules of the house",
                HouseRulesJson::read,
                HouseRulesJson::write,
                HouseRules.NONE,
                said);
        this.houseStyles = new KeptInBook<>(
                book,
                "house-styles",
                "the house styles",
                HouseStylesJson::read,
                HouseStylesJson::write,
                List.of(),
                said);
        this.sizeCharts = new KeptInBook<>(
                book,
                "size-charts",
                "the size charts",
                SizeChartsJson::read,
                SizeChartsJson::write,
                SizeCharts.invented(),
                said);
    }

    /** What the workshop keeps and buys. */
    public PriceList prices() {
        return prices.get();
    }

    /** Who works here and when, and on what terms; it belongs to the workshop, not to a commission. */
    public House house() {
        return house.get();
    }

    public void setHouse(House next) {
        house.keep(next);
        changed.accept(Subject.HOUSE);
    }

    /** Keeps another price list in the book; it belongs to the workshop, not to a commission. */
    public void setPrices(PriceList next) {
        prices.keep(next);
        changed.accept(Subject.PRICES);
    }

    /** The charts of sizes of this house. */
    public KeptInBook<List<SizeChart>> sizeCharts() {
        return sizeCharts;
    }

    /** With what every new commission of this house begins. */
    public KeptInBook<HouseRules> houseRules() {
        return houseRules;
    }

    /** The designs of this house from which commissions are begun. */
    public KeptInBook<List<HouseStyle>> houseStyles() {
        return houseStyles;
    }
}
