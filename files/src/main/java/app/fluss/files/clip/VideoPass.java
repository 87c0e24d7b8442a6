package app.fluss.files.clip;

import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_decoder;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_to_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_frame;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_packet;
import static org.bytedeco.ffmpeg.global.avformat.av_find_best_stream;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avformat.avformat_close_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_find_stream_info;
import static org.bytedeco.ffmpeg.global.avformat.avformat_open_input;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_VIDEO;
import static org.bytedeco.ffmpeg.global.avutil.AV_LOG_QUIET;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_GRAY8;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;
import static org.bytedeco.ffmpeg.global.avutil.AV_TIME_BASE;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_free;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_set;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_log_set_level;
import static org.bytedeco.ffmpeg.global.swscale.SWS_POINT;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;

import java.util.HashMap;
import java.util.Map;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVRational;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.javacpp.PointerPointer;

/// One pass through a video file, by native code: only ever used in a process of its own. Only containers of
/// this list are opened, and only the file itself: a file that names others, or the network, is refused.
final class VideoPass implements AutoCloseable {
    private static final String FORMATS = "mov,mp4,m4a,3gp,3g2,mj2,matroska,webm,avi";

    private final String file;
    private final AVFormatContext format = new AVFormatContext(null);
    private final AVPacket packet = av_packet_alloc();
    private final AVFrame frame = av_frame_alloc();
    private AVCodecContext codec = new AVCodecContext(null);
    private final Map<Integer, SwsContext> scalers = new HashMap<>();
    private int stream;
    private boolean drained;

    VideoPass(String file) throws UnusableVideoException {
        this.file = file;
        try {
            open();
        } catch (UnusableVideoException e) {
            close();
            throw e;
        }
    }

    private void open() throws UnusableVideoException {
        av_log_set_level(AV_LOG_QUIET);
        AVDictionary options = new AVDictionary(null);
        av_dict_set(options, "protocol_whitelist", "file", 0);
        av_dict_set(options, "format_whitelist", FORMATS, 0);
        int opened = avformat_open_input(format, "file:" + file, null, options);
        av_dict_free(options);
        if (opened < 0 || avformat_find_stream_info(format, (PointerPointer<?>) null) < 0) {
            throw new UnusableVideoException(
                    "a file that is no video of a known kind", "MP4, MOV, Matroska, WebM or AVI");
        }
        stream = av_find_best_stream(format, AVMEDIA_TYPE_VIDEO, -1, -1, (AVCodec) null, 0);
        if (stream < 0) {
            throw new UnusableVideoException("a file without pictures", "a video");
        }
        AVCodec known = avcodec_find_decoder(format.streams(stream).codecpar().codec_id());
        if (known == null) {
            throw new UnusableVideoException("a video in an unknown coding", "a common one: convert it to Y4M");
        }
        codec = avcodec_alloc_context3(known);
        avcodec_parameters_to_context(codec, format.streams(stream).codecpar());
        if (avcodec_open2(codec, known, (AVDictionary) null) < 0) {
            throw new UnusableVideoException("a video that cannot be decoded", "another coding: convert it to Y4M");
        }
    }

    double fps() {
        AVRational rate = format.streams(stream).avg_frame_rate();
        return rate.den() > 0 && rate.num() > 0 ? (double) rate.num() / rate.den() : Double.NaN;
    }

    int width() {
        return codec.width();
    }

    int height() {
        return codec.height();
    }

    /// When the picture is to be shown, ms; NaN if the file does not say.
    double ms() {
        AVRational base = format.streams(stream).time_base();
        long stamp = frame.best_effort_timestamp();
        return stamp == AV_NOPTS_VALUE || base.den() <= 0 ? Double.NaN : 1000.0 * stamp * base.num() / base.den();
    }

    /// Goes on to the next picture.
    ///
    /// @return false if there is none
    boolean advance() {
        while (true) {
            int got = avcodec_receive_frame(codec, frame);
            if (got == 0) {
                return true;
            }
            if (drained) {
                return false;
            }
            feed();
        }
    }

    /// Gives the decoder what it waits for; damaged parts are passed over, as players do.
    private void feed() {
        while (av_read_frame(format, packet) >= 0) {
            boolean ours = packet.stream_index() == stream;
            if (ours) {
                avcodec_send_packet(codec, packet);
            }
            av_packet_unref(packet);
            if (ours) {
                return;
            }
        }
        drained = true;
        avcodec_send_packet(codec, (AVPacket) null);
    }

    void luma(int width, int height, byte[] into) throws UnusableVideoException {
        check(width, height);
        try (Planes planes = scaled(width, height, AV_PIX_FMT_GRAY8)) {
            for (int y = 0; y < height; y++) {
                planes.row(0, y, 0, width, into, y * width);
            }
        }
    }

    /// The colour of parts of the picture, each as [Clip#colour] gives it.
    ///
    /// @param areas left, top, width and height of each
    void colours(int width, int height, int[][] areas, byte[][] into) throws UnusableVideoException {
        check(width, height);
        byte[] row = new byte[width];
        try (Planes planes = scaled(width, height, AV_PIX_FMT_YUV420P)) {
            for (int i = 0; i < areas.length; i++) {
                int[] area = areas[i];
                int at = 0;
                for (int plane = 1; plane < Planes.COUNT - 1; plane++) {
                    for (int y = area[1]; y < area[1] + area[3]; y++) {
                        planes.row(plane, y / 2, 0, (width + 1) / 2, row, 0);
                        for (int x = area[0]; x < area[0] + area[2]; x++) {
                            into[i][at++] = row[x / 2];
                        }
                    }
                }
            }
        }
    }

    private void check(int width, int height) throws UnusableVideoException {
        if (frame.width() != width || frame.height() != height) {
            throw new UnusableVideoException(
                    "a picture of another size", "%d × %d px all along".formatted(width, height));
        }
    }

    private Planes scaled(int width, int height, int pixels) {
        SwsContext by = scalers.get(pixels);
        if (by == null) {
            by = sws_getContext(
                    width, height, frame.format(), width, height, pixels, SWS_POINT, null, null, (DoublePointer) null);
            scalers.put(pixels, by);
        }
        Planes planes = new Planes(width, height, pixels == AV_PIX_FMT_GRAY8 ? 1 : Planes.COUNT - 1);
        sws_scale(by, frame.data(), frame.linesize(), 0, height, planes.pointers(), planes.strides());
        return planes;
    }

    /// How long the pictures last by the file's own account, ms; NaN if it does not say.
    double statedMs() {
        AVStream own = format.streams(stream);
        AVRational base = own.time_base();
        if (own.duration() != AV_NOPTS_VALUE && own.duration() > 0 && base.den() > 0) {
            return 1000.0 * own.duration() * base.num() / base.den();
        }
        boolean stated = format.duration() != AV_NOPTS_VALUE && format.duration() > 0 && format.nb_streams() == 1;
        return stated ? 1000.0 * format.duration() / AV_TIME_BASE : Double.NaN;
    }

    @Override
    public void close() {
        scalers.values().forEach(scaler -> sws_freeContext(scaler));
        scalers.clear();
        av_frame_free(frame);
        av_packet_free(packet);
        avcodec_free_context(codec);
        avformat_close_input(format);
    }
}
