/// Clips of a camera or a recorder: Y4M, numbered pictures. Each picture is given as its brightness.
package app.fluss.files.clip;
