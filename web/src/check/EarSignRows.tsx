import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import Collapse from '@mui/material/Collapse';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import type { UseFormSetValue } from 'react-hook-form';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { RadioTiles } from '../form/RadioTiles';
import { earName, type Side } from '../measure/side';
import { EAR_OF_SIDE, seesLump, type CheckForm } from './checkForm';
import { EarSketch } from './EarSketch';
import { DISCHARGE_COLOURS, type SketchedSigns } from './earSketch';
import { LumpFields } from './LumpFields';
import { PAIR_COLUMNS } from './pairColumns';
import {
  DRAWN_SIGNS,
  GRADE_SENTENCES,
  againstNormal,
  DISCHARGE_KINDS,
  GRADES,
  gradeNumber,
  HEARINGS,
  SIGN_NAMES,
  THING_GROUPS,
  thingsOf,
  type DischargeKind,
  type EarFinding,
  type DrawnSign,
  type Grade,
  type GradedSign,
} from './signs';

type SetValue = UseFormSetValue<CheckForm>;
/** What each ear shows when it is well. */
export type Normal = Partial<Record<'right' | 'left', EarFinding>>;

const WELL: SketchedSigns = {
  redness: 'NONE',
  swelling: 'NONE',
  sores: 'NONE',
  discharge: 'NONE',
  dischargeKind: 'NONE',
};

function sketched(sign: DrawnSign, grade: Grade, kind: DischargeKind | undefined): SketchedSigns {
  const dischargeKind =
    sign !== 'discharge' || grade === 'NONE' ? 'NONE' : kind && kind !== 'NONE' ? kind : 'TAN_WAX';
  return { ...WELL, [sign]: grade, dischargeKind };
}

/** The signs, each for both ears beside each other. */
export function EarSignRows({
  sides,
  form,
  normal,
  onChange,
}: {
  sides: readonly Side[];
  form: CheckForm;
  /** What each ear shows when it is well, where that is known. */
  normal: Normal;
  onChange: SetValue;
}) {
  const discharging = [form.right, form.left].some(
    (ear) => ear.discharge !== undefined && ear.discharge !== 'NONE',
  );
  return (
    <>
      {DRAWN_SIGNS.map((sign) => (
        <Row key={sign} heading={SIGN_NAMES[sign]} sides={sides} form={form}>
          {(side) => {
            const ear = EAR_OF_SIDE[side];
            return (
              <Graded sign={sign} value={form[ear][sign]} normal={normal[ear]?.[sign]}>
                <RadioTiles
                  label={`${SIGN_NAMES[sign]}, ${earName(side)}`}
                  columns={4}
                  value={form[ear][sign]}
                  onChange={(grade) => onChange(`${ear}.${sign}`, grade)}
                  tiles={GRADES.map((grade) => ({
                    value: grade,
                    name: gradeName(sign, grade),
                    content: (
                      <EarSketch signs={sketched(sign, grade, form[ear].dischargeKind)} size={48} />
                    ),
                  }))}
                />
              </Graded>
            );
          }}
        </Row>
      ))}
      {discharging && (
        <Row heading="What it looks like" sides={sides} form={form}>
          {(side) => {
            const ear = EAR_OF_SIDE[side];
            if ((form[ear].discharge ?? 'NONE') === 'NONE') return null;
            return (
              <RadioTiles
                label={`Kind of discharge, ${earName(side)}`}
                columns={{ xs: 2, md: 4 }}
                value={form[ear].dischargeKind}
                onChange={(kind) => onChange(`${ear}.dischargeKind`, kind)}
                tiles={DISCHARGE_KINDS.map(({ value, label }) => ({
                  value,
                  name: label,
                  content: <Swatch kind={value} label={label} />,
                }))}
              />
            );
          }}
        </Row>
      )}
      <Row heading="Odour" sides={sides}>
        {(side) => {
          const ear = EAR_OF_SIDE[side];
          return (
            <RadioTiles
              label={`Odour, ${earName(side)}`}
              columns={4}
              value={form[ear].odour}
              onChange={(odour) => onChange(`${ear}.odour`, odour)}
              tiles={WORDS.Odour.map(({ value, label }) => ({
                value,
                name: `${label} odour`,
                content: label,
              }))}
            />
          );
        }}
      </Row>
      <Row heading="Pain" sides={sides} form={form}>
        {(side) => {
          const ear = EAR_OF_SIDE[side];
          return (
            <Graded sign="pain" value={form[ear].pain} normal={normal[ear]?.pain}>
              <RadioTiles
                label={`Pain, ${earName(side)}`}
                columns={4}
                value={form[ear].pain}
                onChange={(grade) => onChange(`${ear}.pain`, grade)}
                tiles={GRADES.map((grade) => ({
                  value: grade,
                  name: gradeName('pain', grade),
                  content: <Box sx={{ fontSize: '1.15rem' }}>{gradeNumber(grade)}</Box>,
                }))}
              />
            </Graded>
          );
        }}
      </Row>
      <SeenAndHearing sides={sides} form={form} onChange={onChange} />
    </>
  );
}

function gradeName(sign: GradedSign, grade: Grade): string {
  return `${gradeNumber(grade)} ${labelOf(WORDS.Grade, grade)}: ${GRADE_SENTENCES[sign][grade]}`;
}

/** A sign of both ears; where it has to be seen, an ear that could not be looked at has none. */
function Row({
  heading,
  sides,
  form,
  children,
}: {
  heading: string;
  sides: readonly Side[];
  form?: CheckForm;
  children: (side: Side) => ReactNode;
}) {
  return (
    <Box sx={{ mt: 0.75 }}>
      <Typography component="h3" sx={{ fontWeight: 650, textAlign: 'center', lineHeight: 1.3 }}>
        {heading}
      </Typography>
      <Box sx={PAIR_COLUMNS}>
        {sides.map((side) => (
          <Box key={side} sx={{ minWidth: 0 }}>
            {(!form || form[EAR_OF_SIDE[side]].couldLook) && children(side)}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** The tiles of a graded sign, with what the chosen grade means. */
function Graded({
  sign,
  value,
  normal,
  children,
}: {
  sign: GradedSign;
  value: Grade | undefined;
  normal: Grade | undefined;
  children: ReactNode;
}) {
  return (
    <>
      {children}
      <Typography
        variant="body2"
        color="textSecondary"
        sx={{ minHeight: '1.4em', textAlign: 'center', lineHeight: 1.25, mt: 0.25 }}
      >
        {value ? GRADE_SENTENCES[sign][value] : 'look for it'}
        {value && normal && againstNormal(value, normal) && (
          <Box component="span" sx={{ display: 'block', fontWeight: 650 }}>
            {againstNormal(value, normal)}
          </Box>
        )}
      </Typography>
    </>
  );
}

function Swatch({ kind, label }: { kind: DischargeKind; label: string }) {
  return (
    <Box component="span" sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
      <Box
        component="span"
        sx={{
          width: 16,
          height: 16,
          flexShrink: 0,
          borderRadius: '50%',
          bgcolor: DISCHARGE_COLOURS[kind],
          border: 1,
          borderColor: 'text.secondary',
        }}
      />
      {label}
    </Box>
  );
}

/** What is rarely there, folded away until it is asked for. */
function SeenAndHearing({
  sides,
  form,
  onChange,
}: {
  sides: readonly Side[];
  form: CheckForm;
  onChange: SetValue;
}) {
  const said = [form.right, form.left].some(
    (ear) => ear.seen.length > 0 || ear.hearing !== 'NOT_TRIED',
  );
  const [open, setOpen] = useState(said);
  return (
    <Box sx={{ mt: 1.5 }}>
      <Button onClick={() => setOpen(!open)} aria-expanded={open} fullWidth>
        {open ? 'Fold away' : 'Something seen in the ear · hearing'}
      </Button>
      <Collapse in={open} unmountOnExit>
        <Row heading="Seen in the ear" sides={sides} form={form}>
          {(side) => {
            const ear = EAR_OF_SIDE[side];
            const { seen } = form[ear];
            return (
              <>
                {THING_GROUPS.map(({ group, label: groupLabel }) => (
                  <Box
                    key={group}
                    role="group"
                    aria-label={`${groupLabel}, ${earName(side)}`}
                    sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 1 }}
                  >
                    <Typography variant="body2" color="textSecondary" sx={{ width: '100%' }}>
                      {groupLabel}
                    </Typography>
                    {thingsOf(group).map(({ value: thing, label }) => {
                      const chosen = seen.includes(thing);
                      return (
                        <Chip
                          key={thing}
                          label={label}
                          aria-pressed={chosen}
                          color={chosen ? 'primary' : 'default'}
                          variant={chosen ? 'filled' : 'outlined'}
                          onClick={() =>
                            onChange(
                              `${ear}.seen`,
                              chosen ? seen.filter((one) => one !== thing) : [...seen, thing],
                            )
                          }
                        />
                      );
                    })}
                  </Box>
                ))}
                {seesLump(seen) && (
                  <LumpFields
                    side={side}
                    lump={form[ear].lump ?? {}}
                    onChange={(lump) => onChange(`${ear}.lump`, lump)}
                  />
                )}
              </>
            );
          }}
        </Row>
        <Row heading="Hearing: a sound from behind, on that side" sides={sides}>
          {(side) => {
            const ear = EAR_OF_SIDE[side];
            return (
              <RadioTiles
                label={`Hearing, ${earName(side)}`}
                columns={3}
                value={form[ear].hearing}
                onChange={(hearing) => onChange(`${ear}.hearing`, hearing)}
                tiles={HEARINGS.map(({ hearing, label }) => ({
                  value: hearing,
                  name: label,
                  content: label,
                }))}
              />
            );
          }}
        </Row>
      </Collapse>
    </Box>
  );
}
