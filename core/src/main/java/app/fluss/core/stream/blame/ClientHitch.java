package app.fluss.core.stream.blame;

/// A time at which a stream's client showed one image far longer than usual.
///
/// @param clientImage index in the client's log of the image that ended it
/// @param startMs when the image before was shown, ms on the client's clock
/// @param endMs when this one was shown, ms on the client's clock
/// @param frame number of the first frame that was missing; -1 where the logs have none
/// @param excessMs how much longer than usual the image before stayed, ms
/// @param cause what held it up most
/// @param confidence what of the time is put down to the cause, of all that held it up, 0 to 1; 0 for an unknown one
public record ClientHitch(
        int clientImage, double startMs, double endMs, long frame, double excessMs, Cause cause, double confidence) {}
