/// How far is a long job, and shall it go on? Entry type: [app.fluss.core.work.Progress]. Threads belong to
/// whoever calls.
package app.fluss.core.work;
