/// Our own JSON: reading it with errors that name the place, and the shapes of what we write.
package app.fluss.files.json;
