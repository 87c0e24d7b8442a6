/// What does one setting do, from runs that differ in nothing else? Entry type: [app.fluss.core.ladder.SettingLadder].
package app.fluss.core.ladder;
