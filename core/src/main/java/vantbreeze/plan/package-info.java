/** From a brief to a plan: the one entry point, {@link vantbreeze.plan.Planner}. */
package vantbreeze.plan;
