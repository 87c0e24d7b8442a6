/// How work is done: threads for what `core` can do side by side, files that appear once they are whole.
package app.fluss.files.work;
