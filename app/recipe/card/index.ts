export { Card } from './Card.tsx';
export { CardPage, cardOf } from './CardPage.tsx';
