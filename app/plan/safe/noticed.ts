import type { Finding } from '../../../core/basis/index.ts';
import { circuitFindings } from '../../../core/kit/index.ts';
import type { RunPlan } from '../../../core/run/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';

/** Of which dish a finding is, where there are several; null: of the whole morning. */
export const dishOfFinding = ({ fields }: Finding): string | null => {
  const { dishId } = fields as { readonly dishId?: unknown };
  return typeof dishId === 'string' ? dishId : null;
};

/** What was noticed of the whole morning. What the plan leaves off draws no power. */
export const noticed = (session: Session, planned: PlannedRun, plan: RunPlan): readonly Finding[] => {
  const used = planned.irons.filter(({ id }) => plan.loads.some(({ ironId }) => ironId === id));
  return [...plan.findings.filter((finding) => dishOfFinding(finding) === null), ...circuitFindings(used, session.kit.circuits)];
};
