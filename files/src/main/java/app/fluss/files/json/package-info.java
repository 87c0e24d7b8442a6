/// Reading our own JSON with errors that name the place.
package app.fluss.files.json;
