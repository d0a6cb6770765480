export { DescribeSheet } from './DescribeSheet.tsx';
export { IronForm } from './IronForm.tsx';
export { IronPlan } from './IronPlan.tsx';
export { KitchenDoor } from './KitchenDoor.tsx';
