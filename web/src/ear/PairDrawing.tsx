import type { Facing } from '../measure/facing';
import { letter, SIDES } from '../measure/side';
import type { EarTraits } from './traits';

/**
 * The flap on the onlooker's left of a head seen from in front, by carriage. The other one is the
 * same, mirrored.
 */
const FLAPS: Record<EarTraits['carriage'], string> = {
  ERECT: 'M82 92 C70 66 66 40 72 20 C90 30 106 46 112 66 Z',
  SEMI_ERECT: 'M82 92 C70 74 66 58 72 44 C92 40 106 52 112 66 Z',
  ROSE: 'M84 90 C66 84 54 70 52 54 C74 52 98 56 110 68 Z',
  BUTTON: 'M110 62 C92 50 74 54 68 66 C64 84 68 96 74 108 C90 98 102 84 108 74 Z',
  DROP: 'M108 64 C90 52 70 56 64 74 C54 100 54 122 62 138 C76 142 86 126 92 104 C94 92 98 82 104 76 Z',
  PENDULOUS:
    'M108 62 C88 50 66 56 60 76 C46 114 42 152 52 182 C68 190 82 168 88 132 C90 108 96 88 104 76 Z',
};

const FOLDS: Partial<Record<EarTraits['carriage'], string>> = {
  ERECT: 'M88 82 C80 64 78 48 80 36',
  SEMI_ERECT: 'M72 44 C66 54 72 66 86 64 C90 54 84 46 72 44 Z',
  ROSE: 'M58 60 C72 64 86 74 92 86',
  BUTTON: 'M108 66 C94 60 80 60 70 66',
  DROP: 'M100 72 C84 72 74 84 70 104',
  PENDULOUS: 'M100 72 C80 74 68 92 64 122',
};

const FEATHERS: Record<EarTraits['feathering'], number> = { NONE: 0, LIGHT: 3, HEAVY: 6 };
const HAIRS: Record<EarTraits['canalHair'], number> = { NONE: 0, SOME: 3, DENSE: 7 };

const CENTRE = 120;

/** Strands along the outer edge of the flap, so that feathering shows. */
function feathers(traits: EarTraits): string[] {
  const hanging = traits.carriage === 'PENDULOUS' ? 150 : traits.carriage === 'DROP' ? 118 : 80;
  return Array.from({ length: FEATHERS[traits.feathering] }, (_, i) => {
    const y = hanging - 40 + i * 12;
    return `M${62 - i} ${y} q-9 6 -8 16`;
  });
}

/** Strands at the opening of the canal. */
function hairs(traits: EarTraits): string[] {
  return Array.from(
    { length: HAIRS[traits.canalHair] },
    (_, i) => `M${88 + i * 2.2} ${92 - i * 1.5} q-3 5 -1 10`,
  );
}

function Flap({ traits, onLeft }: { traits: EarTraits; onLeft: boolean }) {
  const carriage = traits.cropped ? 'ERECT' : traits.carriage;
  const fold = FOLDS[carriage];
  const ink = 'var(--mui-palette-text-primary)';
  return (
    <g transform={onLeft ? undefined : `translate(${2 * CENTRE} 0) scale(-1 1)`}>
      <path
        d={FLAPS[carriage]}
        fill="var(--mui-palette-mark-plannedShade)"
        stroke={ink}
        strokeWidth="2.4"
        strokeLinejoin="round"
      />
      {fold && <path d={fold} fill="none" stroke={ink} strokeWidth="1.6" opacity="0.6" />}
      {[...feathers(traits), ...hairs(traits)].map((strand) => (
        <path key={strand} d={strand} fill="none" stroke={ink} strokeWidth="1.6" />
      ))}
    </g>
  );
}

function Face({ ink }: { ink: string }) {
  return (
    <>
      <circle cx="102" cy="108" r="4.6" fill={ink} />
      <circle cx="138" cy="108" r="4.6" fill={ink} />
      <path d="M109 140 Q120 132 131 140 Q130 151 120 154 Q110 151 109 140 Z" fill={ink} />
      <path
        d="M120 154 L120 163 M108 166 Q114 170 120 163 Q126 170 132 166"
        fill="none"
        stroke={ink}
        strokeWidth="2"
      />
    </>
  );
}

/** A dog's head with its pair of ears, seen by the household's facing; R and L are the dog's own. */
export function PairDrawing({
  traits,
  facing,
  height = 220,
}: {
  traits: EarTraits;
  facing: Facing;
  height?: number;
}) {
  const fromFront = facing === 'FRONT';
  const ink = 'var(--mui-palette-text-primary)';
  return (
    <svg
      viewBox="20 8 200 188"
      height={height}
      style={{ maxWidth: '100%' }}
      role="img"
      aria-label={
        fromFront
          ? "The pair of ears, seen from in front: the dog's right ear is on your left"
          : "The pair of ears, seen from behind: the dog's right ear is on your right"
      }
    >
      <path
        d="M120 60 C86 60 74 84 76 106 C78 130 92 140 96 152 C102 170 112 176 120 176 C128 176 138 170 144 152 C148 140 162 130 164 106 C166 84 154 60 120 60 Z"
        fill="var(--mui-palette-background-paper)"
        stroke={ink}
        strokeWidth="2.4"
      />
      {fromFront && <Face ink={ink} />}
      {SIDES.map((side) => (
        <Flap key={side} traits={traits} onLeft={(side === 'RIGHT') === fromFront} />
      ))}
      {SIDES.map((side) => (
        <text
          key={side}
          x={(side === 'RIGHT') === fromFront ? 42 : 198}
          y="30"
          textAnchor="middle"
          fontSize="20"
          fontWeight="700"
          fill={ink}
        >
          {letter(side)}
        </text>
      ))}
    </svg>
  );
}
