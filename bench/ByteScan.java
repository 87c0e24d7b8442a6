import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;

/// The yardstick of the benchmarks of logs: reads a log in blocks of 1 MiB, parses every decimal in one pass, and does nothing
/// with them.
public final class ByteScan {
    private static final double[] POWERS = {1, 1e1, 1e2, 1e3, 1e4, 1e5, 1e6, 1e7, 1e8, 1e9, 1e10, 1e11, 1e12, 1e13, 1e14, 1e15};

    public static void main(String... args) throws IOException {
        byte[] block = new byte[1 << 20];
        ByteBuffer buffer = ByteBuffer.wrap(block);
        Sum sum = new Sum();
        try (FileChannel file = FileChannel.open(Path.of(args[0]))) {
            while (file.read(buffer.clear()) > 0) {
                sum.add(block, buffer.position());
            }
        }
        System.out.println(sum.total);
    }

    /// What was read so far; a number may go on in the next block.
    private static final class Sum {
        private double total;
        private long digits;
        private int count;
        private int whole = -1;

        void add(byte[] block, int length) {
            long number = digits;
            int n = count;
            int point = whole;
            for (int i = 0; i < length; i++) {
                int digit = block[i] - '0';
                if (digit >= 0 && digit <= 9) {
                    number = number * 10 + digit;
                    n++;
                } else if (block[i] == '.') {
                    point = n;
                } else {
                    if (n > 0) {
                        total += point < 0 ? number : number / POWERS[(n - point) & 15];
                    }
                    number = 0;
                    n = 0;
                    point = -1;
                }
            }
            digits = number;
            count = n;
            whole = point;
        }
    }
}
