/** A family of motors as a salvager tells them apart, and the kind of source that it is worked out as. */
export interface Family {
  readonly label: string;
  /** The kind of source, and what of it the family itself says. */
  readonly kind: string;
  readonly entries: Readonly<Record<string, string>>;
  /** What feeds it, and what it must not be put to. */
  readonly fed: string;
}

export const families = {
  universal: {
    label: 'universal motor with brushes',
    kind: 'universal',
    entries: {},
    fed: 'Fed from the mains through a speed board, or with direct current; never full mains without its load: it runs away',
  },
  'pm-dc': {
    label: 'DC motor with magnets and brushes',
    kind: 'pm-dc',
    entries: {},
    fed: 'Fed with direct current: a battery, a rectifier or a treadmill’s board; never the mains as they are',
  },
  'wound-dc': {
    label: 'DC motor with a wound field',
    kind: 'wound-dc',
    entries: {},
    fed: 'Fed with direct current, its field before its armature; never without its field, a series motor never without its load',
  },
  'split-phase': {
    label: 'induction motor, start winding with a switch',
    kind: 'plate-motor',
    entries: { phases: '1', start: 'split-phase' },
    fed: 'Fed from one phase of the mains at its own voltage; no dial and no drive for speed: they burn it',
  },
  'capacitor-start': {
    label: 'induction motor, start capacitor with a switch',
    kind: 'plate-motor',
    entries: { phases: '1', start: 'capacitor-start' },
    fed: 'Fed from one phase of the mains at its own voltage; no dial and no drive for speed: they burn it',
  },
  'capacitor-run': {
    label: 'induction motor, run capacitor',
    kind: 'plate-motor',
    entries: { phases: '1', start: 'capacitor-run' },
    fed: 'Fed from one phase of the mains with its capacitor; a dial slows only a fan with it',
  },
  'two-capacitor': {
    label: 'induction motor, start and run capacitor',
    kind: 'plate-motor',
    entries: { phases: '1', start: 'both-capacitors' },
    fed: 'Fed from one phase of the mains with both its capacitors; no dial and no drive for speed',
  },
  'shaded-pole': {
    label: 'induction motor, copper rings (shaded pole)',
    kind: 'plate-motor',
    entries: { phases: '1', start: 'shaded-pole' },
    fed: 'Fed from one phase of the mains; nothing to connect but two wires, one direction only',
  },
  'three-phase': {
    label: 'induction motor, three phases',
    kind: 'plate-motor',
    entries: { phases: '3' },
    fed: 'Fed from three phases or a frequency drive; on one phase it needs a capacitor and has two thirds of its power',
  },
  brushless: {
    label: 'brushless motor',
    kind: 'brushless',
    entries: {},
    fed: 'Fed by a drive of its own that follows its magnets; never a supply on its three leads',
  },
  servo: {
    label: 'AC servo',
    kind: 'brushless',
    entries: { sort: 'servo' },
    fed: 'Fed by a servo drive that reads its encoder; never a supply on its three leads',
  },
  'direct-drive-washer': {
    label: 'direct-drive motor of a washing machine',
    kind: 'brushless',
    entries: { sort: 'washer' },
    fed: 'Fed by a brushless drive for many poles; it has no shaft and no bearings of its own',
  },
  stepper: {
    label: 'stepper',
    kind: 'stepper',
    entries: {},
    fed: 'Fed by a stepper driver that limits its current; never a supply on its windings',
  },
  gearmotor: {
    label: 'gearmotor',
    kind: 'gearmotor',
    entries: {},
    fed: 'Fed as the motor inside is: look at that',
  },
} as const satisfies Readonly<Record<string, Family>>;

export type FamilyName = keyof typeof families;
export const familyNames = Object.keys(families) as readonly FamilyName[];

/** The family of a source by its kind and what is chosen of it; null where that does not say it, or it is no motor. */
export function familyOfKind(kind: string, chosen: (field: string) => string | undefined): FamilyName | null {
  if (kind === 'vector-motor') return 'three-phase';
  const of = familyNames.filter((name) => families[name].kind === kind);
  // The one that says most of its entries: a motor that a drive feeds, before the brushless one that says none.
  const fits = of.filter((name) => Object.entries(families[name].entries).every(([field, is]) => chosen(field) === is));
  return fits.sort((a, b) => Object.keys(families[b].entries).length - Object.keys(families[a].entries).length)[0] ?? null;
}

/** Whether its torque comes through brushes: its reading wanders as the rotor is turned. */
export const brushed: ReadonlySet<FamilyName> = new Set(['universal', 'pm-dc', 'wound-dc']);

export const familyLabel = (family: FamilyName): string => families[family].label;

/** What feeds it, and what it must not be put to. */
export const familyFed = (family: FamilyName): string => families[family].fed;

/** `an induction motor, run capacitor`. */
export const aFamily = (family: FamilyName): string => `${/^[aeio]/i.test(families[family].label) ? 'an' : 'a'} ${families[family].label}`;
