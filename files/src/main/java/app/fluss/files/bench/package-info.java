/// The requirements that come with Fluss, and the run sheet as a page.
package app.fluss.files.bench;
