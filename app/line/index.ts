export const LineStation = () => null;
