export { PlanDoor } from './PlanDoor.tsx';
