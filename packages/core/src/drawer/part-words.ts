import { show } from '../quantity/show.js';
import type { BoxEnd, OwnPart, Part } from './part.js';

const size = (mm: number): string => `${Math.round(mm * 100) / 100} mm`;
const bore = ({ bore_mm, isKeyed }: { readonly bore_mm: number | null; readonly isKeyed: boolean }): string =>
  `${bore_mm === null ? 'bore not measured' : `bore ${size(bore_mm)}`}${isKeyed ? ', keyed' : ''}`;
const end = (which: string, is: BoxEnd | null): string => (is === null ? '' : `${which} ${is.is} ${size(is.size_mm)}`);
const joined = (...words: (string | false)[]): string => words.filter(Boolean).join(', ');

const startWords = {
  'both-capacitors': 'start and run capacitor',
  'capacitor-start': 'start capacitor',
  'capacitor-run': 'run capacitor',
  'split-phase': 'split phase',
  'shaded-pole': 'shaded pole',
} as const;

const words: { readonly [I in Part['is']]: (part: Extract<Part, { readonly is: I }>) => string } = {
  motor: ({ power_W, speed_rpm, shaft_mm, entries }) =>
    joined(
      `motor ${show(power_W, 'W').replaceAll('\u00a0', ' ')}`,
      `${speed_rpm} rpm`,
      entries.voltage ?? false,
      entries.phases === '3' ? 'three phases' : 'single phase',
      entries.start ? startWords[entries.start as keyof typeof startWords] : false,
      shaft_mm === null ? 'shaft not measured' : `shaft ${size(shaft_mm)}`,
    ),
  pulley: (part) => joined(`pulley ${part.section}, ${size(part.pitch_mm)} pitch`, part.grooves > 1 && `${part.grooves} grooves`, bore(part)),
  'cone pulley': (part) =>
    joined(`stepped pulley ${part.section}, ${part.steps_mm.map((step) => `${Math.round(step)}`).join('/')} mm pitch`, bore(part)),
  belt: ({ mark, pitchLength_mm }) => `belt ${mark}, ${Math.round(pitchLength_mm)} mm at the pitch line`,
  sprocket: (part) => joined(`${part.isFreewheel ? 'freewheel' : 'sprocket'} ${part.chain}, ${part.teeth} teeth`, bore(part)),
  chain: ({ chain, links }) => `chain ${chain}, ${links === null ? 'length not counted' : `${links} links`}`,
  'timing pulley': (part) =>
    joined(`timing pulley ${part.profile}, ${part.teeth} teeth`, part.width_mm !== null && `${size(part.width_mm)} wide`, bore(part)),
  'timing belt': ({ profile, teeth, width_mm }) => joined(`timing belt ${profile}, ${teeth} teeth`, width_mm !== null && `${size(width_mm)} wide`),
  gear: (part) => joined(`gear, module ${part.module_mm}, ${part.teeth} teeth`, bore(part)),
  gearbox: ({ gears, ratio, rated_Nm, kept, input, output, size_mm, holds }) =>
    joined(
      `${gears ?? ''} gearbox ${ratio}:1`.trim(),
      rated_Nm !== null && `${rated_Nm} N·m`,
      kept !== null && `${Math.round(kept * 100)} %`,
      end('input', input),
      end('output', output),
      size_mm !== null && `${size_mm[0]} × ${size_mm[1]} mm`,
      holds && 'holds its load',
    ),
  coupling: ({ rated_Nm, bores_mm }) =>
    joined('coupling', rated_Nm !== null && `${rated_Nm} N·m`, bores_mm !== null && `bores ${size(bores_mm[0])} and ${size(bores_mm[1])}`),
};

/** How a part was understood: `pulley A, 77.05 mm pitch, bore 15.88 mm`. */
export function partWords({ part, many }: OwnPart): string {
  const one = (words[part.is] as (part: Part) => string)(part);
  return many > 1 ? `${many} × ${one}` : one;
}
