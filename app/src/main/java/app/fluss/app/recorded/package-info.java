/// The numbers on a recording of a run, held against its pictures. Entry type:
/// [app.fluss.app.recorded.RecordedPane].
@NullMarked
package app.fluss.app.recorded;

import org.jspecify.annotations.NullMarked;
