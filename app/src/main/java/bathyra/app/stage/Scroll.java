package bathyra.app.stage;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Skin;
import javafx.scene.control.skin.ScrollPaneSkin;
import javafx.scene.layout.Region;

/**
 * What scrolls; Tab passes it over. The toolkit keeps a picture of what is seen of it, which is painted anew, and then painted again,
 * whenever a word in it changes: at every move of a drag. Here it is painted once.
 */
public class Scroll extends ScrollPane {
    protected Scroll() {
        setFocusTraversable(false);
    }

    /** A page as wide as its room, which scrolls up and down. */
    public static Scroll down(Node page) {
        Scroll scroll = both(page);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollBarPolicy.NEVER);
        return scroll;
    }

    /** A card or a page that fills its room, and scrolls up and down where the screen is low. */
    public static Scroll filling(Node page) {
        Scroll scroll = down(page);
        scroll.setFitToHeight(true);
        return scroll;
    }

    /** What scrolls to the side where words are too large for it to be whole. */
    public static Scroll sideways(Region node) {
        Scroll scroll = both(node);
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.setVbarPolicy(ScrollBarPolicy.NEVER);
        scroll.setMinWidth(0);
        return scroll;
    }

    /** What scrolls both ways where it has no room. */
    public static Scroll both(Node page) {
        Scroll scroll = new Scroll();
        scroll.setContent(page);
        return scroll;
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        Skin<?> skin = new ScrollPaneSkin(this);
        getChildren().forEach(part -> part.setCache(false));
        return skin;
    }
}
