export const RunStation = () => null;
