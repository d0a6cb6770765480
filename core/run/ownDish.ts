/** The dish that stands in the run itself; the others have ids of their own. */
export const OWN_DISH = 'own';

/** Which dish this is of; left out: the run's own. */
export const dishIdOf = ({ dishId }: { readonly dishId?: string | undefined }): string => dishId ?? OWN_DISH;
