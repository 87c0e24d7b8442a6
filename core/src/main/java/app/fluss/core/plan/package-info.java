/// How much must be measured? Entry type: [app.fluss.core.plan.RepeatsNeeded].
package app.fluss.core.plan;
