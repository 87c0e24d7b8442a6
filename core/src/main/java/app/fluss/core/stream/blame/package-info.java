/// Why did the client of a stream hitch? Entry type: [app.fluss.core.stream.blame.Blame].
package app.fluss.core.stream.blame;
