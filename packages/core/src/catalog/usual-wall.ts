/** A household socket where nothing of the wall is entered, V. Source: IEC 60038, 230/400 V. */
export const usualWall_V = 230;
