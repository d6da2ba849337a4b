import { cautionOf } from "../make/course";
import { usePlan } from "../state/useBench";

/** The order of work, with cautions where they belong. */
export function Steps() {
  const steps = usePlan((p) => p.tasks);
  return (
    <ol className="m-0 list-decimal pl-6 text-base" aria-label="Order of work">
      {steps.map((step, i) => (
        <li key={step.id} className="mb-1.5">
          <b>{step.title}.</b> {step.text}
          {step.caution && <span className="text-warn block text-sm">{cautionOf(steps, i)}</span>}
        </li>
      ))}
    </ol>
  );
}
