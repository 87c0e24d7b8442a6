/// Is a sound recording fit to measure latency on? Entry type: [app.fluss.core.latency.sound.SoundQuality].
package app.fluss.core.latency.sound;
