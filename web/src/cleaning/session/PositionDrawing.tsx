import type { Session } from './progress';

type Position = Session['position'];

const INK = 'var(--mui-palette-text-primary)';
const PERSON = 'var(--mui-palette-primary-main)';
const HELPER = 'var(--mui-palette-mark-plannedText)';
const GROUND = 'var(--mui-palette-mark-lane)';

/** How to hold this dog, as a few lines: where it stands, who holds it, with which hand. */
export function PositionDrawing({ position }: { position: Position }) {
  const raised = position.place === 'RAISED';
  const helped = position.hold === 'HELPER';
  return (
    <svg
      viewBox="0 0 320 190"
      width="100%"
      height="100%"
      role="img"
      aria-label={`${position.where} ${position.how}`}
      fill="none"
      strokeLinecap="round"
      strokeLinejoin="round"
      strokeWidth="3.5"
    >
      {raised ? (
        <g stroke={GROUND}>
          <path d="M70 142 H250 M84 142 V184 M236 142 V184" strokeWidth="6" />
        </g>
      ) : (
        <g stroke={GROUND}>
          <path d="M20 176 H306 M34 176 V30" strokeWidth="6" />
        </g>
      )}
      <g transform={raised ? 'translate(0 -36)' : 'translate(-6 -2)'} stroke={INK}>
        <Dog muzzled={position.bites} />
      </g>
      <g transform={raised ? 'translate(0 -36)' : 'translate(-6 -2)'}>
        {helped ? <HelperHands /> : raised ? <Hug /> : <Knees />}
      </g>
    </svg>
  );
}

/** A dog that stands and looks to the right. */
function Dog({ muzzled }: { muzzled: boolean }) {
  return (
    <>
      <path d="M92 128 C86 108 98 98 118 100 L176 98 C190 97 196 92 200 84 C204 74 214 68 226 70 C238 72 246 78 258 82 C264 84 264 91 258 93 L238 97 C230 99 226 104 222 112 C216 124 206 132 196 134" />
      <path d="M104 130 V178 M118 134 V178 M184 134 V178 M198 132 V178 M118 134 C140 139 164 139 184 135" />
      <path d="M92 116 C80 108 74 96 76 84" />
      <path
        d="M214 74 C206 78 203 92 207 106 C212 108 219 99 221 84"
        fill="var(--mui-palette-mark-plannedShade)"
      />
      <circle cx="234" cy="80" r="1.6" fill={INK} />
      {muzzled && (
        <path
          d="M240 76 L262 82 M240 98 L262 92 M244 76 V98 M252 79 V96 M240 86 H262"
          stroke="var(--mui-palette-mark-stop)"
        />
      )}
    </>
  );
}

/** One hand under the muzzle, the other behind the head; whoever cleans has both hands free. */
function HelperHands() {
  return (
    <>
      <g stroke={HELPER}>
        <circle cx="296" cy="46" r="12" />
        <path d="M296 58 C302 84 303 116 300 142 M300 142 L288 178 M300 142 L308 178" />
        <path d="M298 74 C284 92 268 103 251 101 C246 100 243 101 241 104" />
        <path d="M297 68 C272 56 238 52 212 61 C205 63 201 67 200 72" />
      </g>
      <g stroke={PERSON}>
        <circle cx="152" cy="22" r="12" />
        <path d="M150 34 C146 54 145 76 146 97" />
        <path d="M150 46 C172 50 196 62 211 79" />
        <path d="M149 50 C164 62 184 72 204 84" />
      </g>
    </>
  );
}

/** Held against the side of whoever cleans, a hand on the jaw. */
function Hug() {
  return (
    <g stroke={PERSON}>
      <circle cx="154" cy="26" r="12" />
      <path d="M152 38 C147 58 146 78 147 98" />
      <path d="M152 50 C172 52 194 62 210 78" />
      <path d="M150 58 C162 104 204 116 241 101" />
    </g>
  );
}

/** Backed between the knees of whoever sits behind it. */
function Knees() {
  return (
    <g stroke={PERSON}>
      <circle cx="84" cy="34" r="12" />
      <path d="M82 46 C74 76 68 106 66 138" />
      <path d="M66 138 C84 112 112 104 142 110 C148 132 150 156 150 178" />
      <path d="M66 138 C90 126 108 124 126 130 C130 146 131 162 131 178" opacity="0.55" />
      <path d="M82 56 C120 54 176 60 209 78" />
      <path d="M80 64 C120 92 196 112 240 102" />
    </g>
  );
}
