/// Tune: which cap with which multiplier, before anything is measured.
package app.fluss.app.tune;
