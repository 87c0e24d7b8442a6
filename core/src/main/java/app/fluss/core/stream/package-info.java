/// How good is a link for a stream? Entry type: [app.fluss.core.stream.InterarrivalJitter].
package app.fluss.core.stream;
