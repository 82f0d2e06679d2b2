package bathyra.app.shell;
public final class BathyraWindow { public static void open(java.nio.file.Path book) {} }
