export const KeepStation = () => null;
