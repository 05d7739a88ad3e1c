/** Pictures that are taken, by their media type. */
export const photoTypes = ['image/jpeg', 'image/png', 'image/webp'];
