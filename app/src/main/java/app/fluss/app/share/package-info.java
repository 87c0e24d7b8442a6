/// Telling others: the report with its preview, cards, studies handed on and taken in.
package app.fluss.app.share;
