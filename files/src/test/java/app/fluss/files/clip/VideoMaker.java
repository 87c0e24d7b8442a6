package app.fluss.files.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_FFV1;
import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_ID_MPEG4;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_rescale_ts;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_from_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_packet;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_frame;
import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_WRITE;
import static org.bytedeco.ffmpeg.global.avformat.av_interleaved_write_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_write_trailer;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_output_context2;
import static org.bytedeco.ffmpeg.global.avformat.avformat_free_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_new_stream;
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

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/// Makes lossless videos of grey pictures, for tests.
final class VideoMaker {
    private VideoMaker() {}

    static void make(Path file, int width, int height, int fps, List<byte[]> pictures) {
        make(file, width, height, fps, pictures, AV_CODEC_ID_FFV1, AV_PIX_FMT_GRAY8);
    }

    /// With a common lossy coding: MPEG-4 part 2, with grey colour planes.
    static void makeLossy(Path file, int width, int height, int fps, List<byte[]> pictures) {
        make(file, width, height, fps, pictures, AV_CODEC_ID_MPEG4, AV_PIX_FMT_YUV420P);
    }

    private static void make(Path file, int width, int height, int fps, List<byte[]> pictures, int coder, int pixels) {
        AVFormatContext format = new AVFormatContext(null);
        done(avformat_alloc_output_context2(format, null, null, file.toString()));
        AVCodec coding = avcodec_find_encoder(coder);
        AVCodecContext codec = avcodec_alloc_context3(coding);
        codec.width(width).height(height).pix_fmt(pixels).time_base(av_make_q(1, fps));
        codec.framerate(av_make_q(fps, 1));
        codec.bit_rate(20_000_000);
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
                byte[] grey = new byte[frame.linesize(plane) * (height / 2)];
                Arrays.fill(grey, (byte) 128);
                frame.data(plane).put(grey, 0, grey.length);
            }
            frame.pts(i);
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
