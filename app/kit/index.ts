export const KitStation = () => null;
