/// How does a log get into the study?
package app.fluss.app.importing;
