/// What stands on the bench: its parts, and the facts of them that a run needs recorded.
package app.fluss.core.bench;
