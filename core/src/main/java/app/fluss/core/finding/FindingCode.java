package app.fluss.core.finding;

import java.util.Locale;

/// Everything that Fluss can notice: how much it matters, what it is about, what it says in one line, why it
/// matters and what to do. A finding is made of a code and of what was seen; where it knows better what to do,
/// it says so itself. `docs/findings.md` is made of this list.
public enum FindingCode {
    /// Time stamps equal the one before.
    DUPLICATE_TIMES(
            Severity.WARNING,
            Topic.FRAMES,
            "Time stamps equal the one before.",
            "Their images count, with a frame time of 0.",
            "Check the logger's resolution."),
    /// Time stamps step back.
    BACKWARD_TIMES(
            Severity.WARNING,
            Topic.FRAMES,
            "Time stamps step back.",
            "Their images count as presented at the latest time so far.",
            "Check whether two programs wrote into one log."),
    /// The log's clock starts again within the log.
    CLOCK_RESTART(
            Severity.WARNING,
            Topic.FRAMES,
            "The log's clock starts again within the log.",
            "No interval is taken across a restart.",
            "Compare the parts separately if they are different scenes."),
    /// Rows have no time.
    ROWS_WITHOUT_TIME(
            Severity.WARNING,
            Topic.FRAMES,
            "Rows have no time.",
            "They cannot be placed and were left out.",
            "Check the column that was mapped as the time."),
    /// The last line of the log breaks off.
    TRUNCATED_LINE(
            Severity.NOTE,
            Topic.FRAMES,
            "The last line of the log breaks off.",
            "It was left out; the rest is whole.",
            "Stop the logger before copying its file."),
    /// The log holds several programs.
    SEVERAL_PROGRAMS(
            Severity.NOTE,
            Topic.FRAMES,
            "The log holds several programs.",
            "Only the one with the most rows, or the one that was chosen, was read.",
            "Choose another if it is the wrong one."),
    /// The meaning of the columns was guessed from the data.
    MAPPING_GUESSED(
            Severity.NOTE,
            Topic.FRAMES,
            "The meaning of the columns was guessed from the data.",
            "A wrong guess gives wrong figures.",
            "Look at the mapping and keep it once it is right."),
    /// A log on the native side does not say which images are rendered.
    ASSUMED_NATIVE(
            Severity.NOTE,
            Topic.COMPARISON,
            "A log on the native side does not say which images are rendered.",
            "All of them were taken as rendered, because that side is the native one.",
            "Log the kind of each image if that is not so."),
    /// The run rests on readings, a summary, an impression or latency alone.
    NO_FRAME_LOG(
            Severity.WARNING,
            Topic.RATES,
            "The run rests on readings, a summary, an impression or latency alone.",
            "There is no spread and no delivered rate, a low is by the tool's own convention, and nothing tells what was counted.",
            "Log frames once if the game allows it."),
    /// The counter shows the rendered rate while more is presented.
    COUNTER_BLIND(
            Severity.FAULT,
            Topic.RATES,
            "The counter shows the rendered rate while more is presented.",
            "It does not see generated images.",
            "Judge by presented and delivered rate, not by this counter."),
    /// The generator takes another rate for its base than is rendered.
    BASE_MISMATCH(
            Severity.FAULT,
            Topic.RATES,
            "The generator takes another rate for its base than is rendered.",
            "It captures something else: a lock at 60 Hz, or the composed desktop.",
            "Check the window mode and what the generator is set to capture."),
    /// Images that are counted repeat their neighbour.
    PHANTOM_IMAGES(
            Severity.FAULT,
            Topic.REFRESHES,
            "Images that are counted repeat their neighbour.",
            "A counter counts them, the eye does not: motion is no smoother.",
            "Judge by the distinct images. Restart the game with generation on; change upscaler or window mode back; if they stay, leave generation off."),
    /// More is presented than the display shows.
    ABOVE_REFRESH(
            Severity.WARNING,
            Topic.REFRESHES,
            "More is presented than the display shows.",
            "The surplus costs work and is never shown.",
            "Lower the multiplier or the cap."),
    /// A multiplier is set, but no more is presented than is rendered.
    GENERATION_OFF(
            Severity.FAULT,
            Topic.RATES,
            "A multiplier is set, but no more is presented than is rendered.",
            "Generation is not engaged.",
            "Check upscaler, window mode and graphics interface, restart the game, and measure again."),
    /// The found multiplier is below the one that was set.
    MULTIPLIER_SHORT(
            Severity.WARNING,
            Topic.RATES,
            "The found multiplier is below the one that was set.",
            "The generator runs out of GPU or link capacity.",
            "Cap the game, or lower the multiplier or the motion-estimation size."),
    /// The base often rises above its cap, and generated images are then missing.
    BASE_CREEP(
            Severity.WARNING,
            Topic.PATH,
            "The base often rises above its cap, and generated images are then missing.",
            "The card that generates cannot follow a base that creeps up, and motion becomes uneven.",
            "Cap the game at its usual base or a little below."),
    /// The base rate is low for generation.
    BASE_LOW(
            Severity.WARNING,
            Topic.RATES,
            "The base rate is low for generation.",
            "Below 40 generated motion is rough and the wait is long; between 40 and 60 it suits slow games only (common practice).",
            "Raise the base with lighter settings before generating."),
    /// The GPU has no room left while it generates.
    GPU_FULL(
            Severity.WARNING,
            Topic.FRAMES,
            "The GPU has no room left while it generates.",
            "The game and the generator wait for each other.",
            "Cap the game so that 10 to 15 % stay free, or lower the motion-estimation size."),
    /// Most frames wait for the CPU.
    CPU_LIMIT(
            Severity.NOTE,
            Topic.FRAMES,
            "Most frames wait for the CPU.",
            "A lower resolution does not raise the base, and generation on the same CPU budget does not help it.",
            "Lower what the CPU does: crowds, distance, physics."),
    /// The log has loads but no CPU and GPU work per frame.
    LIMIT_FROM_LOAD(
            Severity.NOTE,
            Topic.FRAMES,
            "The log has loads but no CPU and GPU work per frame.",
            "What limits is judged from the GPU load alone, which is weaker.",
            "Log CPU and GPU work per frame if the logger can."),
    /// A sensor stands at nothing while images are made.
    SENSOR_STUCK(
            Severity.WARNING,
            Topic.FRAMES,
            "A sensor stands at nothing while images are made.",
            "It reads another card or is dead; what limits, loads and energy are not taken from it.",
            "Choose the right card in the logger, or start it again with the game running."),
    /// The card's memory is full, and stutters grow with it.
    MEMORY_FULL(
            Severity.WARNING,
            Topic.FRAMES,
            "The card's memory is full, and stutters grow with it.",
            "Textures or a crowd are more than the card holds, and are fetched while the game waits.",
            "Lower textures or the crowd, not the resolution."),
    /// Clock or power fall along the run while the load stays.
    CLOCK_DROP(
            Severity.WARNING,
            Topic.FRAMES,
            "Clock or power fall along the run while the load stays.",
            "Heat or a power limit takes the rate down: the run mixes two speeds.",
            "Let temperatures settle before measuring, and fix the limit."),
    /// The log has no display times.
    LEDGER_INFERRED(
            Severity.NOTE,
            Topic.REFRESHES,
            "The log has no display times.",
            "Refreshes and delivered rate are inferred from present times and the sync mode.",
            "Log display times for a measured answer."),
    /// The display times do not lie on the grid of the stated refresh rate.
    REFRESH_MISMATCH(
            Severity.FAULT,
            Topic.REFRESHES,
            "The display times do not lie on the grid of the stated refresh rate.",
            "The stated refresh rate or sync mode is not the one that the log was made with.",
            "State the refresh rate and sync mode of the run."),
    /// A low rests on few frames.
    WEAK_TAIL(
            Severity.NOTE,
            Topic.FRAMES,
            "A low rests on few frames.",
            "One hitch more or less would change it.",
            "Measure for longer before comparing it."),
    /// Figures are not available from this evidence.
    FIGURE_MISSING(
            Severity.NOTE,
            Topic.FRAMES,
            "Figures are not available from this evidence.",
            "The finding names the reason.",
            "The figure stays empty until the evidence is there."),
    /// Kinds and game times do not agree on what was generated.
    KINDS_DISAGREE(
            Severity.WARNING,
            Topic.PATH,
            "Kinds and game times do not agree on what was generated.",
            "One of the two columns does not say what it seems to, and the base rate rests on the kinds.",
            "Check what the logger writes as kind; count the pictures of a clip to settle it."),
    /// Log and clip do not agree on the distinct images.
    PICTURES_DISAGREE(
            Severity.WARNING,
            Topic.PICTURES,
            "Log and clip do not agree on the distinct images.",
            "The log counts images that look alike, or the clip shows another stretch.",
            "Record the clip over the stretch that is logged, leave overlays out, and trust the pictures."),
    /// A side rests on less than a frame log.
    WEAK_EVIDENCE(
            Severity.WARNING,
            Topic.COMPARISON,
            "A run of a comparison rests on less than a frame log.",
            "What rests on it is a claim, and a counter may count images that nobody sees.",
            "Log frames on both sides."),
    /// The rendered rate falls by more than a quarter with generation on.
    BASE_COLLAPSE(
            Severity.WARNING,
            Topic.COMPARISON,
            "The rendered rate falls by more than a quarter with generation on.",
            "The generator takes too much from the game: more is waited for than is gained.",
            "Lower the motion-estimation size or the multiplier, or cap the game."),
    /// The native rate is high already.
    NO_NEED(
            Severity.NOTE,
            Topic.COMPARISON,
            "The native rate is high already.",
            "From about 90 on, generation is rarely worth its latency (common practice).",
            "Compare how both feel before switching it on."),
    /// The render scale differs between the sides.
    SCALE_CHANGED(
            Severity.WARNING,
            Topic.COMPARISON,
            "The render scale differs between the sides.",
            "The difference between the runs may come from it and not from the path.",
            "Measure again with the same on both sides."),
    /// A recorded fact differs between the sides and should not.
    CONFOUND(
            Severity.WARNING,
            Topic.COMPARISON,
            "A recorded fact differs between the sides and should not.",
            "The difference between the runs may come from it and not from the path.",
            "Measure again with the same on both sides."),
    /// What the baseline moved by itself can account for the difference.
    DRIFT(
            Severity.WARNING,
            Topic.COMPARISON,
            "What the baseline moved by itself can account for the difference.",
            "A difference that lies within the drift may be the drift.",
            "Let temperatures settle, then measure runs of the baseline before, between and after."),
    /// Runs of the baseline do not surround the others.
    NO_BRACKET(
            Severity.WARNING,
            Topic.COMPARISON,
            "Drift cannot be judged.",
            "What changes with time, warmth above all, cannot be told from what the sides differ in.",
            "Measure runs of the baseline before and after the others, or in turn, and record when."),
    /// A side has fewer than three runs.
    FEW_RUNS(
            Severity.WARNING,
            Topic.COMPARISON,
            "A side has fewer than three runs.",
            "How much the next run would differ is not known, or only from other runs of the scene.",
            "Measure three runs a side or more."),
    /// The multiplier that was set is not stated; the whole number at the one found was taken.
    MULTIPLIER_ASSUMED(
            Severity.NOTE,
            Topic.COMPARISON,
            "The multiplier that was set is not stated; the whole number at the one found was taken.",
            "Efficiency rests on it.",
            "State the multiplier."),
    /// No trial was answered.
    NO_SAMPLES(
            Severity.FAULT,
            Topic.LATENCY,
            "No trial was answered.",
            "There is no latency to tell.",
            "Check the sensor's place, the threshold and the time-out."),
    /// Latency samples come in coarse steps.
    COARSE_SAMPLES(
            Severity.NOTE,
            Topic.LATENCY,
            "The samples come in coarse steps.",
            "Their median moves by whole steps: half a step is in its interval, and the mean says more.",
            "Use a faster camera or a sensor, or look at the mean."),
    /// There are few samples.
    FEW_SAMPLES(
            Severity.NOTE,
            Topic.LATENCY,
            "There are few samples.",
            "The interval is wide or cannot be given (common practice).",
            "Measure more clicks."),
    /// More than a tenth of the trials were not answered in time.
    MISSED_TRIALS(
            Severity.WARNING,
            Topic.LATENCY,
            "More than a tenth of the trials were not answered in time.",
            "A game that answers late or not at all looks faster if these are left out.",
            "Look at them on the trace; lengthen the time-out if the light only came too late."),
    /// The input looks like light, and the light like clicks.
    CHANNELS_SWAPPED(
            Severity.FAULT,
            Topic.LATENCY,
            "The input looks like light, and the light like clicks.",
            "Every figure is wrong if so.",
            "Swap the two channels."),
    /// It could not be told which part of the input is the press.
    PRESS_UNCLEAR(
            Severity.WARNING,
            Topic.LATENCY,
            "Press and release could not be told apart.",
            "Every latency is off by how long the button was held if the release was taken.",
            "State which it is, or begin the recording with the button up and hold it for less time than it rests."),
    /// Clicks follow each other so closely that an answer may be that of the click before.
    CLICKS_CLOSE(
            Severity.WARNING,
            Topic.LATENCY,
            "Clicks follow each other closely.",
            "An answer that takes longer than the next click would be taken for that one's.",
            "Leave half a second between clicks."),
    /// Places of a clip that nobody has looked at.
    AREAS_PROPOSED(
            Severity.WARNING,
            Topic.LATENCY,
            "Where input and answer show was found out.",
            "Something else that changes at the same times may have been taken for one of them.",
            "Look at the two places and state them where they are wrong; in the window they are drawn over the picture."),
    /// Sound at full scale.
    SOUND_CLIPPED(
            Severity.WARNING,
            Topic.LATENCY,
            "The sound is at full scale.",
            "What is louder is cut off: a step of the light looks smaller than it is, and its crossing comes early.",
            "Turn the input down until the meter stays below full."),
    /// A sound recording without two channels of its own.
    SOUND_ONE_CHANNEL(
            Severity.FAULT,
            Topic.LATENCY,
            "The two channels do not each hold a sound of their own.",
            "Click and light cannot be told apart, or one of them is not there.",
            "Choose an input with two channels and plug the click into one and the light sensor into the other."),
    /// A gain that follows the sound.
    SOUND_BREATHES(
            Severity.WARNING,
            Topic.LATENCY,
            "The quiet between the clicks rises and falls.",
            "An automatic gain or a suppression of noise follows the sound; it can swallow the light's start.",
            "Switch automatic gain, noise suppression and echo cancellation off where the input is set up."),
    /// A sound that was taken at a lower rate.
    SOUND_RESAMPLED(
            Severity.NOTE,
            Topic.LATENCY,
            "The sound was once taken at a lower rate.",
            "Its samples lie closer than what was recorded: edges are no finer than the lower rate gives.",
            "Choose the rate that the device has itself."),
    /// Trials could be read in two ways.
    AMBIGUOUS_TRIALS(
            Severity.WARNING,
            Topic.LATENCY,
            "Trials could be read in two ways.",
            "They are left out of the figures until they are accepted.",
            "Look at them and accept or reject each; leave a pause between clicks in which the light can settle."),
    /// The chosen share of the light's step lies on a plateau.
    THRESHOLD_ON_PLATEAU(
            Severity.WARNING,
            Topic.LATENCY,
            "The chosen share lies on a plateau of the light.",
            "The light rests there on its way, as with a generated image before the rendered one; the time is that of the"
                    + " plateau's start.",
            "Choose a threshold of 0.4 or 0.6: then it is clear which part is meant."),
    /// The light falls back because of how it was recorded, which was corrected.
    COUPLING_RESTORED(
            Severity.NOTE,
            Topic.LATENCY,
            "The light was recorded through a capacitor, which was corrected.",
            "Every sound card lets a steady level fall back; steps and flashes are restored.",
            "Nothing needs to be done."),
    /// The light's samples are often at their highest value.
    LIGHT_CLIPPED(
            Severity.WARNING,
            Topic.LATENCY,
            "The light's samples are often at their highest value.",
            "A saturated sensor shows bright light too early.",
            "Lower the sensor's gain, or the light."),
    /// The light's noise is a large share of its step.
    NOISY_LIGHT(
            Severity.WARNING,
            Topic.LATENCY,
            "The light's noise is a large share of its step.",
            "Single samples are then only right to a few ms.",
            "Shield the sensor, bring it closer, or change between darker and brighter."),
    /// The light had ripple, which was removed.
    RIPPLE_REMOVED(
            Severity.NOTE,
            Topic.LATENCY,
            "The light had ripple, which was removed.",
            "It was subtracted, not averaged out, so it adds no delay.",
            "Nothing needs to be done."),
    /// The light had mains hum, which was removed.
    HUM_REMOVED(
            Severity.NOTE,
            Topic.LATENCY,
            "The light had mains hum, which was removed.",
            "It was subtracted, not averaged out, so it adds no delay.",
            "Nothing needs to be done."),
    /// Measured latency differs from what the stages add up to.
    LATENCY_UNEXPLAINED(
            Severity.NOTE,
            Topic.LATENCY,
            "Measured latency differs from what the stages add up to.",
            "Something takes, or saves, time that was not stated.",
            "The finding names the likely causes."),
    /// What moves in the clip and what its coding leaves over cannot be told apart.
    CLIP_CANNOT_TELL(
            Severity.WARNING,
            Topic.PICTURES,
            "What moves in the clip and what its coding leaves over cannot be told apart.",
            "Equal pictures of a lossy clip differ too: a count would be that of the coding.",
            "Record with more bits a second or without loss, or while the camera turns faster."),
    /// Successive pictures differ by no more than noise.
    CLIP_STILL(
            Severity.FAULT,
            Topic.PICTURES,
            "Successive pictures differ by no more than noise.",
            "Without motion repeats cannot be told from new images.",
            "Record a scene in which the whole picture moves."),
    /// Every picture differs from the one before.
    CLIP_ALL_DISTINCT(
            Severity.NOTE,
            Topic.PICTURES,
            "Every picture differs from the one before.",
            "The game shows at least the clip's rate; more than the clip has cannot be seen in it.",
            "Record with more pictures a second, or leave an overlay out that changes by itself."),
    /// The clip ends before its end.
    CLIP_CUT(
            Severity.WARNING,
            Topic.COUNTER,
            "The clip ends before its end.",
            "The figures are those of the part that could be read.",
            "Copy the file again, or record again without changing the size of the picture."),
    /// A number on the pictures could not be read.
    OVERLAY_UNREAD(
            Severity.FAULT,
            Topic.COUNTER,
            "A number on the pictures could not be read.",
            "There are no figures of it.",
            "Draw the rectangle close around one number, make the overlay larger or put a dark plate behind it."),
    /// A number on the pictures is open for a part of the time.
    OVERLAY_OPEN(
            Severity.WARNING,
            Topic.COUNTER,
            "A number on the pictures is open for a part of the time.",
            "Its figures are those of the rest, which need not be like that part.",
            "Make the overlay larger, or put a dark plate behind it."),
    /// A frame time that was read from pictures gives no lows.
    OVERLAY_NO_LOWS(
            Severity.NOTE,
            Topic.COUNTER,
            "A frame time that was read from pictures gives no lows.",
            "A counter shows one frame time now and then, or a mean: the slow ones between go unseen.",
            "Record a frame log for lows."),
    /// The clip is short.
    CLIP_SHORT(
            Severity.NOTE,
            Topic.PICTURES,
            "The clip is short.",
            "The rate of so short a stretch says little of the scene.",
            "Record for longer."),
    /// The logs do not tell the cause of hitches at the client.
    STREAM_UNKNOWN(
            Severity.NOTE,
            Topic.PATH,
            "The logs do not tell the cause of hitches at the client.",
            "Stages without a time stamp run together.",
            "Log when images are encoded at the host, and received and decoded at the client."),
    /// Hitches at the client come from the game.
    STREAM_GAME(
            Severity.WARNING,
            Topic.PATH,
            "Hitches at the client come from the game.",
            "It would hitch without the stream, too: what is said of the stream must not rest on it.",
            "Look at the host's own run first: cap it, or lower what loads its processor."),
    /// Hitches at the client come from the host's encoder.
    STREAM_ENCODER(
            Severity.FAULT,
            Topic.PATH,
            "Hitches at the client come from the host's encoder.",
            "This is what the stream's hitches are.",
            "Leave the card some room with a cap, or choose a lighter encoder setting."),
    /// Hitches at the client come from the network.
    STREAM_NETWORK(
            Severity.FAULT,
            Topic.PATH,
            "Hitches at the client come from the network.",
            "This is what the stream's hitches are.",
            "Use a cable at both ends or a clear channel, a lower bit rate, or a longer buffer."),
    /// Hitches at the client come from its decoder.
    STREAM_DECODER(
            Severity.FAULT,
            Topic.PATH,
            "Hitches at the client come from its decoder.",
            "This is what the stream's hitches are.",
            "Stream a picture or a format that the client decodes in hardware."),
    /// Hitches at the client come from its display.
    STREAM_CLIENT_DISPLAY(
            Severity.FAULT,
            Topic.PATH,
            "Hitches at the client come from its display.",
            "This is what the stream's hitches are.",
            "Stream at the rate of the client's display, or let it refresh as images come."),
    /// Host and client were lined up by the best offset, and another one fits nearly as well.
    LOGS_LINED_UP_LOOSELY(
            Severity.NOTE,
            Topic.PATH,
            "Host and client were lined up by the best offset, and another one fits nearly as well.",
            "A hitch of the game may then be put down to the wrong one.",
            "Log frame numbers at both ends."),
    /// A queue on the link grows.
    QUEUE_GROWS(
            Severity.WARNING,
            Topic.PATH,
            "A queue on the link grows.",
            "More is sent than the link carries: delay rises until images are thrown away.",
            "Lower the stream's bit rate, or see what else uses the link."),
    /// Images of the link probe came later than the client's buffer allows.
    STREAM_LATE(
            Severity.WARNING,
            Topic.PATH,
            "Images of the link probe came later than the client's buffer allows.",
            "The others show as hitches, whatever the game does.",
            "Lengthen the buffer, lower the bit rate, or use a better link."),
    /// The link loses packets.
    LINK_LOSES(
            Severity.WARNING,
            Topic.PATH,
            "The link loses packets.",
            "Each lost packet costs its image, or the time to ask for it again.",
            "Use a cable at both ends, or a clear channel of 5 or 6 GHz."),
    /// For some of the time fewer than every second refresh brings a new image.
    VR_BELOW_HALF(
            Severity.FAULT,
            Topic.PATH,
            "For some of the time fewer than every second refresh brings a new image.",
            "Below half rate moving objects jump, and some people get sick.",
            "Lower the render scale or the settings. Stop at the first sign of sickness."),
    /// Every second refresh shows the last image again, turned to the head.
    VR_HALF_RATE(
            Severity.NOTE,
            Topic.PATH,
            "Every second refresh shows the last image again, turned to the head.",
            "Head motion is smooth, hands and moving things run at half the rate: which is better depends on the school.",
            "For full rate lower the settings or the refresh rate."),
    /// Refreshes have no new image.
    VR_NOT_FULL(
            Severity.WARNING,
            Topic.PATH,
            "Refreshes have no new image.",
            "Full rate allows 1 %.",
            "See which refresh rate or render scale keeps up, in the path's view."),
    /// Nothing tells new images from repeated ones.
    VR_ROWS_ALIKE(
            Severity.WARNING,
            Topic.PATH,
            "The log does not tell new images from repeated ones.",
            "If its rows are refreshes and not images of the application, each repeat counts as new, and the application seems to keep up.",
            "Log which refreshes brought a new image, or say which column tells it."),
    /// Images stay for different numbers of refreshes.
    VR_UNEVEN(
            Severity.WARNING,
            Topic.PATH,
            "Images stay for different numbers of refreshes.",
            "Motion judders: one image stays for one refresh, the next for two.",
            "Hold the application to half rate, or change the render scale: a larger one can be smoother."),
    /// A requirement was not met when the run was measured. Its own name stands as the code.
    REQUIREMENT_NOT_MET(
            Severity.WARNING,
            Topic.REQUIREMENTS,
            "A requirement was not met when the run was measured. Its own name stands as the code.",
            "The requirement says why it matters.",
            "The requirement says what to do."),
    /// Requirements were not checked before the run.
    REQUIREMENTS_UNKNOWN(
            Severity.NOTE,
            Topic.REQUIREMENTS,
            "Requirements were not checked before the run.",
            "If one of them was not met, the figures may not be those of the path.",
            "Go through the preflight before the next run.");

    private final Severity severity;
    private final Topic topic;
    private final String meaning;
    private final String why;
    private final String remedy;

    FindingCode(Severity severity, Topic topic, String meaning, String why, String remedy) {
        this.severity = severity;
        this.topic = topic;
        this.meaning = meaning;
        this.why = why;
        this.remedy = remedy;
    }

    /// The name in files and on the command line; stable, for scripts.
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /// How much it matters at its worst.
    public Severity severity() {
        return severity;
    }

    /// What it is about.
    public Topic topic() {
        return topic;
    }

    /// What it says, in one line.
    public String meaning() {
        return meaning;
    }

    /// Why it matters.
    public String why() {
        return why;
    }

    /// What to do about it.
    public String remedy() {
        return remedy;
    }
}
