export const ballBearingSource =
  'Makers’ lists (from memory): dynamic load ratings C of deep-groove ball bearings; a tenth of it for a long life under shaking: common practice, no source';

/** Deep-groove ball bearings of small machines, dynamic load rating C in newtons; a sleeve bearing of a fan motor by what it is run with. */
export const ballBearings = {
  sleeve: { label: 'sleeve bearings of a fan motor', most_N: 150 },
  b608: { label: '608', most_N: 340 },
  b6000: { label: '6000', most_N: 460 },
  b6201: { label: '6201', most_N: 690 },
  b6202: { label: '6202', most_N: 780 },
  b6203: { label: '6203', most_N: 960 },
  b6204: { label: '6204', most_N: 1290 },
  b6205: { label: '6205', most_N: 1400 },
  b6206: { label: '6206', most_N: 1950 },
} as const satisfies Readonly<Record<string, { readonly label: string; readonly most_N: number }>>;
