/// Video timing, and what cables carry.
package app.fluss.core.display;
