/// What is worked out for the path of a run: generation by stretch, second card, display. Entry type:
/// [app.fluss.app.path.PathPane].
package app.fluss.app.path;
