/// Where is everything kept? In one SQLite file. Entry type: [app.fluss.files.study.Study]. Each change is
/// committed at once and can be undone, also after a restart. A study file is untrusted: nothing in it is run,
/// and one whose schema is not exactly ours is refused.
package app.fluss.files.study;
