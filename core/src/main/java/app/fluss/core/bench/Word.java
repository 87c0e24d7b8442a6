package app.fluss.core.bench;

/// One of the few things that a fact can be, so that code compares things and not words.
public interface Word {
    /// The word in files and for people.
    String word();
}
