/// Pictures of clips as brightness, row by row.
package app.fluss.core.picture;
