/// Numbers that stand on the pictures of a recording: found, read, and held against time.
package app.fluss.core.overlay;
