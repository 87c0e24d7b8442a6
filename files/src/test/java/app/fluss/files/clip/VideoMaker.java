package app.fluss.files.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_FFV1;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_MPEG4;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_rescale_ts;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder_by_name;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_copy;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_from_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_packet;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_frame;
import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_WRITE;
import static org.bytedeco.ffmpeg.global.avformat.av_interleaved_write_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_write_trailer;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_output_context2;
import static org.bytedeco.ffmpeg.global.avformat.avformat_close_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_find_stream_info;
import static org.bytedeco.ffmpeg.global.avformat.avformat_free_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_new_stream;
import static org.bytedeco.ffmpeg.global.avformat.avformat_open_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_write_header;
import static org.bytedeco.ffmpeg.global.avformat.avio_closep;
import static org.bytedeco.ffmpeg.global.avformat.avio_open;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_GRAY8;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_make_writable;
import static org.bytedeco.ffmpeg.global.avutil.av_make_q;
import static org.bytedeco.ffmpeg.global.avutil.av_opt_set;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.PointerPointer;

/// Makes videos, for tests: grey ones without loss, and any by an encoder of the library.
public final class VideoMaker {
    private static final int TICKS = 12_000;

    private VideoMaker() {}

    static void make(Path file, int width, int height, int fps, List<byte[]> pictures) {
        make(file, width, height, fps, pictures, AV_CODEC_ID_FFV1, AV_PIX_FMT_GRAY8);
    }

    /// With a common lossy coding: MPEG-4 part 2, with grey colour planes.
    static void makeLossy(Path file, int width, int height, int fps, List<byte[]> pictures) {
        make(file, width, height, fps, pictures, AV_CODEC_ID_MPEG4, AV_PIX_FMT_YUV420P);
    }

    private static void make(Path file, int width, int height, int fps, List<byte[]> pictures, int coder, int pixels) {
        double[] ms = new double[pictures.size()];
        Arrays.setAll(ms, i -> i * 1000.0 / fps);
        make(file, width, height, pictures, avcodec_find_encoder(coder), pixels, 20_000_000, ms, fps);
    }

    /// With an encoder of the library by its name, such as `libopenh264`, at a bit rate, each picture at its time.
    ///
    /// @param pictures brightness row by row; then, unless they are grey, both planes of colour at half the size
    public static void make(
            Path file, int width, int height, List<byte[]> pictures, String encoder, int bitsPerSecond, double[] ms) {
        AVCodec coding = Objects.requireNonNull(avcodec_find_encoder_by_name(encoder), encoder);
        make(file, width, height, pictures, coding, AV_PIX_FMT_YUV420P, bitsPerSecond, ms, TICKS);
    }

    private static void make(
            Path file,
            int width,
            int height,
            List<byte[]> pictures,
            AVCodec coding,
            int pixels,
            int bitsPerSecond,
            double[] ms,
            int ticks) {
        int fps = (int) Math.rint(1000 * (ms.length - 1) / (ms[ms.length - 1] - ms[0]));
        AVFormatContext format = new AVFormatContext(null);
        done(avformat_alloc_output_context2(format, null, null, file.toString()));
        AVCodecContext codec = avcodec_alloc_context3(coding);
        codec.width(width).height(height).pix_fmt(pixels).time_base(av_make_q(1, ticks));
        codec.framerate(av_make_q(fps, 1));
        codec.bit_rate(bitsPerSecond).gop_size(60);
        // Encoders that know it are quick this way; the others pass over it.
        av_opt_set(codec.priv_data(), "deadline", "realtime", 0);
        av_opt_set(codec.priv_data(), "cpu-used", "8", 0);
        done(avcodec_open2(codec, coding, (AVDictionary) null));
        AVStream stream = avformat_new_stream(format, coding);
        stream.time_base(codec.time_base()).avg_frame_rate(av_make_q(fps, 1));
        done(avcodec_parameters_from_context(stream.codecpar(), codec));
        AVIOContext out = new AVIOContext(null);
        done(avio_open(out, file.toString(), AVIO_FLAG_WRITE));
        format.pb(out);
        done(avformat_write_header(format, (AVDictionary) null));
        AVFrame frame = av_frame_alloc();
        frame.width(width).height(height).format(pixels);
        done(av_frame_get_buffer(frame, 0));
        AVPacket packet = av_packet_alloc();
        for (int i = 0; i < pictures.size(); i++) {
            done(av_frame_make_writable(frame));
            for (int y = 0; y < height; y++) {
                frame.data(0).position((long) y * frame.linesize(0)).put(pictures.get(i), y * width, width);
            }
            frame.data(0).position(0);
            for (int plane = 1; pixels == AV_PIX_FMT_YUV420P && plane <= 2; plane++) {
                colour(frame, plane, width / 2, height / 2, pictures.get(i));
            }
            frame.pts(Math.round(ms[i] * ticks / 1000));
            done(avcodec_send_frame(codec, frame));
            drain(format, codec, stream, packet);
        }
        done(avcodec_send_frame(codec, null));
        drain(format, codec, stream, packet);
        done(av_write_trailer(format));
        av_packet_free(packet);
        av_frame_free(frame);
        avcodec_free_context(codec);
        avio_closep(format.pb());
        avformat_free_context(format);
    }

    private static void colour(AVFrame frame, int plane, int width, int height, byte[] picture) {
        byte[] row = new byte[width];
        Arrays.fill(row, (byte) 128);
        int luma = 4 * width * height;
        for (int y = 0; y < height; y++) {
            if (picture.length > luma) {
                System.arraycopy(picture, luma + (plane - 1) * width * height + y * width, row, 0, width);
            }
            frame.data(plane).position((long) y * frame.linesize(plane)).put(row, 0, width);
        }
        frame.data(plane).position(0);
    }

    /// Puts a raw stream of pictures into a container, as it is.
    static void wrap(Path stream, Path file, int fps) {
        AVFormatContext from = new AVFormatContext(null);
        done(avformat_open_input(from, stream.toString(), null, (AVDictionary) null));
        done(avformat_find_stream_info(from, (PointerPointer<?>) null));
        AVFormatContext format = new AVFormatContext(null);
        done(avformat_alloc_output_context2(format, null, null, file.toString()));
        AVStream out = avformat_new_stream(format, null);
        done(avcodec_parameters_copy(out.codecpar(), from.streams(0).codecpar()));
        out.codecpar().codec_tag(0);
        out.time_base(av_make_q(1, TICKS)).avg_frame_rate(av_make_q(fps, 1));
        AVIOContext io = new AVIOContext(null);
        done(avio_open(io, file.toString(), AVIO_FLAG_WRITE));
        format.pb(io);
        done(avformat_write_header(format, (AVDictionary) null));
        AVPacket packet = av_packet_alloc();
        for (int i = 0; av_read_frame(from, packet) >= 0; i++) {
            packet.pts((long) i * TICKS / fps).dts((long) i * TICKS / fps).stream_index(0);
            av_packet_rescale_ts(packet, av_make_q(1, TICKS), out.time_base());
            done(av_interleaved_write_frame(format, packet));
        }
        done(av_write_trailer(format));
        av_packet_free(packet);
        avio_closep(format.pb());
        avformat_free_context(format);
        avformat_close_input(from);
    }

    private static void drain(AVFormatContext format, AVCodecContext codec, AVStream stream, AVPacket packet) {
        while (avcodec_receive_packet(codec, packet) == 0) {
            packet.stream_index(stream.index());
            av_packet_rescale_ts(packet, codec.time_base(), stream.time_base());
            done(av_interleaved_write_frame(format, packet));
        }
    }

    private static void done(int result) {
        assertThat(result).isGreaterThanOrEqualTo(0);
    }
}
