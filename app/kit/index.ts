export { DescribeSheet } from './DescribeSheet.tsx';
export { IronForm } from './IronForm.tsx';
export { IronPlan } from './IronPlan.tsx';
export { KitStation } from './KitStation.tsx';
