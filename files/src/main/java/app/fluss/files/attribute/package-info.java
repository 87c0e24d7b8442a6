/// What did what, of runs of a study whose recorded settings differ in several things. Entry type:
/// [app.fluss.files.attribute.PathAttribution].
package app.fluss.files.attribute;
