package bathyra.app;

import javafx.application.Platform;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.testfx.api.FxRobot;
import org.testfx.service.query.NodeQuery;
import org.testfx.util.WaitForAsyncUtils;

/** Hands and eyes on the window. It looks on the window's own thread: from another one a list may change while it is read. */
class WindowRobot extends FxRobot {
    private static final int PATIENCE_MS = 10_000;

    @Override
    public NodeQuery lookup(String query) {
        return Platform.isFxApplicationThread()
                ? super.lookup(query)
                : WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MS, () -> super.lookup(query));
    }

    /** Gives each test its robot. */
    static class Given implements ParameterResolver {
        @Override
        public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
            return parameter.getParameter().getType() == WindowRobot.class;
        }

        @Override
        public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
            return new WindowRobot();
        }
    }
}
