/// What an analyst reads off a counter and marks while a scene runs.
package app.fluss.core.reading;
