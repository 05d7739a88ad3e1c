/** How a figure was found that no single formula gives: shown where a formula would be. */
export const solvers: Readonly<Record<string, { readonly says: string; readonly source: string }>> = {
  poles: {
    says: 'The largest even number of poles whose synchronous speed, 120 × frequency / poles, the shaft stays under',
    source: 'Textbooks on electric machines (relation)',
  },
  fastest: {
    says: 'Up to a tenth over the plate’s speed, while frequency or poles are not known',
    source: 'Common practice, no source: small motors lag by 2 to 10 %',
  },
  'kloss-at-rest': {
    says: 'Kloss’s curve through the rated point and the most torque, at rest, where the slip is 1',
    source: 'Textbooks on electric machines (Kloss)',
  },
  'settling-speed': {
    says: 'The first speed from rest at which the motor’s torque has fallen to what the work asks of it, found by halving',
    source: 'Balance of torques',
  },
  'run-up-time': { says: 'J · dω over the surplus of torque, summed from rest to 98 % of where it settles', source: 'Newton’s second law' },
  'centres-from-length': {
    says: 'The centre distance at which the exact length of an open belt is that of the one entered, found by Newton’s steps',
    source: 'Open belt length (closed form)',
  },
  'pitch-length': {
    says: 'Inside length and what the section adds to it',
    source: 'Shigley’s Mechanical Engineering Design (10e), table 17-11; DIN 2215',
  },
  'move-for-belt': { says: 'The centre distance that the belt wants, less the one there is', source: 'Open belt length (closed form)' },
  'centre-of-load': {
    says: 'Centroid of the segment of a circle that has this share of its area, the angle found by halving',
    source: 'Closed form (handbooks: circular segment)',
  },
  'whole-pitches': {
    says: 'Teeth times pitch, of the whole number of teeth that is nearest to the mark',
    source: 'ISO 5296, ISO 13050 (designation)',
  },
  'belt-teeth': { says: 'The whole number of pitches nearest to the marked length: inch marks are rounded', source: 'ISO 5296 (designation)' },
  'off-a-pitch': { says: 'How far the marked length is from a whole number of pitches, in pitches', source: 'Closed form' },
  'pitches-round': { says: 'Exact length of the belt at these centres over its pitch', source: 'Open belt length (closed form)' },
  'tightens-over': {
    says: 'The centre distance of a belt longer by its strain at work, less that of the belt slack-free',
    source: 'Open belt length (closed form); common practice, no source: 0.1 to 0.2 % with glass cords',
  },
  'mass-by-width': { says: 'Mass of the base width, in proportion', source: 'Closed form' },
  'room-left': { says: 'Room in the slot, with the way the belt wants the motor put to it or taken off', source: 'Closed form' },
  metres: { says: 'The height in metres', source: 'Definition' },
  governed: { says: 'Three to ten per cent over the rated speed, while the governed one is not entered', source: 'Common practice, no source' },
  'sizes-alike': {
    says: 'Sizes of the table that pitch, roller and width leave, as far as a calliper in a shed tells',
    source: 'ANSI/ASME B29.1, ISO 606 (from memory)',
  },
  'a-quarter-more': { says: 'A quarter more than the speed', source: 'Common practice, no source: a quarter away from a resonance' },
  'steps-alike': { says: 'The ratio of one step, once for each step', source: 'Closed form' },
  'out-of-line': { says: 'Where one wheel stands along its shaft, less where the other does, whichever way', source: 'Closed form' },
  'fifteen-modules': { says: 'Fifteen modules', source: 'Common practice, no source' },
  'mesh-gap': { says: 'The centre distance as built, less the one the teeth want', source: 'Closed form' },
  'tenth-of-module': { says: 'A tenth of the module', source: 'Common practice, no source' },
  'worn-chain': {
    says: 'Ten pitches and three per cent; one and a half where a sprocket has more than 67 teeth',
    source: 'Common practice, no source: a chain is replaced at 3 % of elongation, 1.5 % on large sprockets',
  },
  distance: { says: 'The same distance, whichever way', source: 'Definition' },
  'one-per-cent': { says: 'A hundredth of the belt’s length', source: 'Common practice, no source: what a V-belt stretches in its life' },
  'an-eighth': { says: 'An eighth of the breaking load', source: 'Common practice, no source' },
  'sixty-fourth': { says: 'A sixty-fourth of the span, as far as the finger test pushes', source: 'RMA and ISO 5292 practice' },
  'thousand-feet': { says: 'Belt speed in thousands of feet a minute, in which the rating is written', source: 'Definition: 1000 ft/min = 5.08 m/s' },
  'fruit-in-the-nip': {
    says: 'Roll’s length over the fruit’s, half of the places filled, one or two rows of teeth biting; half to twice that',
    source: 'Common practice, no source',
  },
  swallowed: {
    says: 'The layer a quarter of a fruit thick that passes at the roll’s speed, a tenth to four tenths filled, 600 kg/m³',
    source: 'Common practice, no source',
  },
};
