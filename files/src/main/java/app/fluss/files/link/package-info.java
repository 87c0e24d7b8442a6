/// Packets of links, and link probes, as files.
package app.fluss.files.link;
