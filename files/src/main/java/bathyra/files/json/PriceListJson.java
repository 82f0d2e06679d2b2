package bathyra.files.json;

import bathyra.garment.BoneKind;
import bathyra.garment.Cloth;
import bathyra.length.LengthUnit;
import bathyra.stock.PriceList;
import bathyra.stock.PriceList.BoneStock;
import bathyra.stock.PriceList.Item;
import bathyra.stock.StockLength;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The workshop's price list ({@code bathyra-prices} version 1): lengths in mm, prices in its own currency. */
public final class PriceListJson {
    private static final String FORMAT = "bathyra-prices";

    private PriceListJson() {}

    public static String write(PriceList prices) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", 1).put("units", "mm").put("currency", prices.currency());
        ArrayNode cloths = root.putArray("cloths");
        prices.cloths().forEach(c -> MakingJson.cloth(cloths.addObject(), c));
        ArrayNode bones = root.putArray("bones");
        prices.bones().forEach(b -> bones.addObject()
                .put("kind", b.kind().id())
                .put("width", b.width())
                .put("name", b.stock().name())
                .put("length", b.stock().length())
                .put("price", b.stock().price()));
        ArrayNode busks = root.putArray("busks");
        prices.busks().forEach(b -> busks.addObject()
                .put("name", b.name())
                .put("length", b.length())
                .put("price", b.price()));
        ObjectNode items = root.putObject("items");
        for (Item item : Item.values()) {
            items.put(key(item), prices.of(item));
        }
        return Json.pretty(root);
    }

    private static String key(Item item) {
        return item.name().toLowerCase(Locale.ROOT);
    }

    /** Reads one. @throws BadDocument naming every field that is wrong */
    public static PriceList read(String text) throws BadDocument {
        JsonNode root = Json.parse(text);
        Json.requireBounded(root);
        Fields fields = Fields.root(root);
        fields.only(List.of("format", "version", "units", "currency", "cloths", "bones", "busks", "items"));
        if (!fields.text("format").orElse("").equals(FORMAT)) {
            fields.fault("format", "is not " + FORMAT, "\"" + FORMAT + "\"");
        }
        List<Cloth> cloths = fields.objects("cloths").stream()
                .map(c -> MakingJson.cloth(c, LengthUnit.MM))
                .toList();
        List<BoneStock> bones = new ArrayList<>();
        for (Fields each : fields.objects("bones")) {
            each.only(List.of("kind", "width", "name", "length", "price"));
            bones.add(new BoneStock(
                    GarmentJson.choice(each, "kind", BoneKind.class, BoneKind.FLAT_STEEL),
                    each.share("width").orElse(7.0),
                    length(each)));
        }
        List<StockLength> busks = new ArrayList<>();
        for (Fields each : fields.objects("busks")) {
            each.only(List.of("name", "length", "price"));
            busks.add(length(each));
        }
        Fields items = fields.object("items");
        PriceList prices = new PriceList(fields.text("currency").orElse("¤"), cloths, bones, busks, 0, 0, 0, 0, 0, 0);
        for (Item item : Item.values()) {
            double price = items.share(key(item)).orElse(0.0);
            if (price >= 0 && price < 1e7) {
                prices = prices.with(item, price);
            } else {
                items.fault(key(item), "is " + price, "a price from 0");
            }
        }
        if (!fields.faults().isEmpty()) {
            throw new BadDocument(fields.faults());
        }
        return prices;
    }

    private static StockLength length(Fields fields) {
        try {
            return new StockLength(
                    fields.text("name").orElse(""),
                    fields.share("length").orElse(0.0),
                    fields.share("price").orElse(0.0));
        } catch (IllegalArgumentException e) {
            fields.fault("length", "or the price is out of range", "a length over 0 mm and a price from 0");
            return new StockLength("", 1, 0);
        }
    }
}
