/// A made-up bench to look at. Everything in it is simulated and says so.
package app.fluss.app.demo;
