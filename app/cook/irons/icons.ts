// The set has no nose; a flower is what one smells at.
export { Flower2 as Nose } from 'lucide-react';
