/// Pages as PDF, as pictures and on paper.
package app.fluss.files.print;
