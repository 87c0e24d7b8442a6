/// Threads for work that `core` can do side by side.
package app.fluss.files.work;
