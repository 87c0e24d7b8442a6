@org.jspecify.annotations.NullMarked
package app.fluss.app.settings;
