package app.fluss.files.share;

import app.fluss.core.path.Judgement;
import app.fluss.files.study.Game;
import app.fluss.files.study.Run;
import app.fluss.files.study.Scene;
import java.util.List;

/// A run as it was measured.
///
/// @param game its game
/// @param scene its scene
/// @param run itself
/// @param judged what had to hold before it
record MeasuredRun(Game game, Scene scene, Run run, List<Judgement> judged) {}
