package app.fluss.app.importing;

/// The texts of the dialogs of clips, by the class that shows them.
final class ClipText {
    // ClipDialog
    static final String INPUT = "1 Input";
    static final String ANSWER = "2 Answer";
    static final String LATENCY_FROM_CLIP = "Latency from a clip";
    static final String INPUT_AND_ANSWER_AREAS = "the areas input and answer";
    static final String CAMERA_PICTURES_S = "camera, pictures/s";
    static final String DRAG_OVER_PICTURE = "Drag over the picture:";
    static final String INPUT_AND_ANSWER_HINT = "a lamp at the button, and where the screen answers";
    static final String PROPOSE_AGAIN = "Propose again";
    static final String PROPOSE_AGAIN_TIP = "Looks for both places";
    static final String PICTURE_BEFORE_TIP = "Picture before (←)";
    static final String NEXT_PICTURE_TIP = "Next picture (→)";
    static final String BY_HAND = "By hand:";
    static final String INPUT_HERE = "Input here";
    static final String INPUT_HERE_TIP = "The first picture in which the input shows (I)";
    static final String ANSWER_HERE = "Answer here";
    static final String ANSWER_HERE_TIP = "The first picture in which the answer shows (L)";
    static final String TAKE_BACK = "Take back";
    static final String TAKE_BACK_TIP = "The last pair";
    static final String LOOKING_HINT = "Looking for the lamp and the answer; you may drag over them at once.";
    static final String LOOKING = "Looking for lamp and answer";
    static final String INPUT_AREA = "input";
    static final String ANSWER_AREA = "answer";
    static final String PROPOSED_HINT = "Proposed: check that both places are right, and drag over them if not.";
    static final String PICTURE_OF = "picture %d of %d%s";
    static final String READING_PICTURE = "Reading a picture";
    static final String LOOKING_AT_CLIP = "Looking at the clip";
    static final String INPUT_MARKED = " Input marked at picture %d: now the answer.";
    static final String DRAG_HINT = "Drag over input and answer, or mark pictures by hand.";
    static final String STATE_CAMERA_RATE = "State how many pictures a second the camera took.";
    static final String ANSWERED_MISSED_MEDIAN_MS = "%d answered, %d missed · median %s ms";
    static final String BY_HAND_LAST_MS = "%d by hand · last %s ms";

    // ClipFlow
    static final String CLIP_NEEDS_RUN = "A clip belongs to a run: add its log first, select it, then add %s again.";
    static final String CLIP_NOT_CLOSED = "The clip could not be closed: %s";

    // CountDialog
    static final String ADD_TO_THIS_RUN = "Add to this run";
    static final String LOOK_HERE = "Look here";
    static final String LEAVE_OUT = "Leave out";
    static final String DISTINCT_PICTURES = "Distinct pictures in a clip";
    static final String COUNTED_AREAS = "the areas to look at and to leave out";
    static final String PICTURES_S = "pictures/s";
    static final String OVERLAY_HINT = "an overlay, which changes by itself";
    static final String EVERYWHERE = "Everywhere";
    static final String EVERYWHERE_TIP = "Look at whole pictures again";
    static final String RECORDED_WITH = "It was recorded with this run:";
    static final String LOOK_HERE_AREA = "look here";
    static final String LEAVE_OUT_AREA = "leave out";
    static final String COUNTING_PICTURES = "Counting pictures";
    static final String CLIP_OF_PICTURES = "a clip of %d pictures";
    static final String THREE_OR_MORE = "three or more";
    static final String STATE_CLIP_RATE = "State how many pictures a second the clip has: 1 to 10000.";
    static final String COUNTING = "Counting …";
    static final String NOTHING_MOVES = "Nothing moves: pictures differ by noise only.";
    static final String PICTURES_DISTINCT = "%d of %d pictures are distinct: %s/s · one stays for %s ms at most";
    static final String WITHIN = "within %s";
    static final String WITHOUT = "%s without %s";

    // PictureView
    static final String PICTURE_WITH_AREAS = "A picture of the clip, with %s";

    private ClipText() {}
}
