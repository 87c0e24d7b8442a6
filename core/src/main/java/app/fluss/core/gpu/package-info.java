/// What can the cards and what lies between them carry? Entry type: [app.fluss.core.gpu.Slot].
package app.fluss.core.gpu;
