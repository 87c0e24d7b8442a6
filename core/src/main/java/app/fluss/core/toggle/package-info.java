/// One recording in which a path is switched on and off at one spot.
package app.fluss.core.toggle;
