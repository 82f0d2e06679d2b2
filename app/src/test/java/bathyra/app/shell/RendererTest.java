package bathyra.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class RendererTest {
    private final String before = System.getProperty(Renderer.LOOKS);

    @BeforeEach
    void nothingIsSaid() {
        System.clearProperty(Renderer.LOOKS);
    }

    @AfterEach
    void asItWas() {
        if (before == null) {
            System.clearProperty(Renderer.LOOKS);
        } else {
            System.setProperty(Renderer.LOOKS, before);
        }
    }

    @Test
    void anEdgeIsLookedAtFourTimesInARow() {
        Renderer.choose();

        assertThat(System.getProperty(Renderer.LOOKS)).isEqualTo("2");
    }

    @Test
    void whatWasSaidBeforeStands() {
        System.setProperty(Renderer.LOOKS, "4");

        Renderer.choose();

        assertThat(System.getProperty(Renderer.LOOKS)).isEqualTo("4");
    }
}
