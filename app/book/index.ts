export const BookStation = () => null;
