import app.fluss.app.watch.InterfaceWatch;
import java.util.List;
import javafx.application.Platform;

/**
 * Runs an application class and prints what held its interface thread for longer than some ms. Arguments: ms, the class, its
 * own arguments. Run by bench/interface-thread.sh.
 */
public class InterfaceThread {
    public static void main(String[] args) throws Exception {
        Thread start = Thread.ofPlatform().daemon().start(() -> {
            while (true) {
                try {
                    Platform.runLater(() -> {});
                    break;
                } catch (IllegalStateException _) { // the toolkit is not there yet
                    Thread.onSpinWait();
                }
            }
        });
        InterfaceWatch[] watch = new InterfaceWatch[1];
        Thread.ofPlatform().daemon().start(() -> {
            try {
                start.join();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            watch[0] = new InterfaceWatch(Double.parseDouble(args[0]));
        });
        Runtime.getRuntime().addShutdownHook(new Thread(() -> watch[0].held().forEach(System.out::println)));
        Class.forName(args[1])
                .getMethod("main", String[].class)
                .invoke(null, (Object) List.of(args).subList(2, args.length).toArray(String[]::new));
    }
}
