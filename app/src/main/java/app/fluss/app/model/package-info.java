/// What is open, what is selected, and what was worked out for it?
package app.fluss.app.model;
