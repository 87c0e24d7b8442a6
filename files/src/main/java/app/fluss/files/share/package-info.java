/// Telling others: reports, cards, open data, and studies handed on.
package app.fluss.files.share;
