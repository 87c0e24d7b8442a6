import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;

/// The yardstick of compare-peers.sh: reads a log in blocks of 1 MiB and parses every decimal by hand, and does nothing with them.
public final class ByteScan {
    public static void main(String... args) throws IOException {
        byte[] block = new byte[1 << 20];
        ByteBuffer buffer = ByteBuffer.wrap(block);
        double sum = 0;
        long mantissa = 0;
        double scale = 0;
        boolean inNumber = false;
        try (FileChannel file = FileChannel.open(Path.of(args[0]))) {
            while (file.read(buffer.clear()) > 0) {
                int length = buffer.position();
                for (int i = 0; i < length; i++) {
                    byte b = block[i];
                    if (b >= '0' && b <= '9') {
                        mantissa = mantissa * 10 + (b - '0');
                        scale *= 10;
                        inNumber = true;
                    } else if (b == '.') {
                        scale = 1;
                    } else {
                        if (inNumber) {
                            sum += scale > 1 ? mantissa / scale : mantissa;
                        }
                        mantissa = 0;
                        scale = 0;
                        inNumber = false;
                    }
                }
            }
        }
        System.out.println(sum);
    }
}
