import Box from '@mui/material/Box';
import InputBase from '@mui/material/InputBase';
import Typography from '@mui/material/Typography';
import {
  lengthText,
  parseLength,
  parseNumber,
  type Change,
  type Edit,
  type Issue,
  type Length,
  type Units,
} from '@tarnpass/core';
import { memo, useEffect, useEffectEvent, useId, useRef, useState } from 'react';
import { setCorner, setSpaceSize, setValue } from '../../state/job/edits';
import { useApp, useAppDispatch } from '../../state/slices/app';
import { TAKE_KEY, useTake } from '../../state/readings/useTake';
import { Fixes } from './Fixes';
import { colour } from '../theme/palette';

/** What is wrong with what was typed, where in it, and the edit it would have been. */
interface Problem {
  readonly message: string;
  readonly at?: number;
  readonly length?: number;
  readonly edit?: Edit;
}

interface FieldProps {
  readonly label: string;
  readonly shown: string;
  readonly suffix?: string;
  /** A device that reads such numbers may be taken into the field: what its stand-in is pointed at. */
  readonly device?: { readonly unit: 'mm' | 'deg'; readonly aim: number };
  /** Words need more room than a number. */
  readonly words?: boolean;
  /** Counts the edits after which a refused number is tried again; those of the open job where none is given. */
  readonly edits?: number;
  /** Hears what is refused, and that nothing is any more. */
  onRefused?(text: string | undefined): void;
  /** Take what was typed; what is wrong with it, with its place in the text where that is known. */
  take(text: string): Problem | undefined;
}

/** What was typed and could not be taken, and why. */
interface Refused {
  readonly text: string;
  readonly message: string;
  readonly edit: Edit | undefined;
}

/**
 * A number on its pencil line. It is taken on Enter or on leaving the field; Escape puts the old one back. What cannot
 * be taken stays as it was typed, with a sentence under it and beside it the value that is in force; it is tried again after
 * every edit, since another number may have been what it lacked.
 */
export function Field(props: FieldProps) {
  const { label, shown, suffix, words = false, edits } = props;
  const id = useId();
  const row = useRef<HTMLDivElement>(null);
  const field = useField(props, row);
  const { refused } = field;
  const wrong = refused?.message;
  return (
    <Box ref={row} sx={{ borderBottom: `1px solid ${colour('line')}`, py: 0.5 }}>
      <Box
        sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between', gap: 1, minHeight: 36 }}
      >
        <Typography component="label" htmlFor={id} sx={{ flex: 1, minWidth: 0 }}>
          {label}
        </Typography>
        {wrong !== undefined && (
          <Typography variant="body2" sx={{ flex: 'none', color: 'text.secondary' }} id={`${id}-force`}>
            in force {shown === '' ? 'none' : shown}
            {shown !== '' && suffix}
          </Typography>
        )}
        <InputBase
          id={id}
          {...field.bound}
          error={wrong !== undefined}
          inputProps={{
            'aria-describedby': wrong ? `${id}-force ${id}-wrong` : undefined,
            'aria-invalid': wrong !== undefined,
            autoComplete: 'off',
            spellCheck: false,
            style: {
              textAlign: 'right',
              padding: '1px 2px 0',
              borderBottom: `${wrong ? 2 : 1.2}px solid ${wrong ? colour('heather') : colour('ink')}`,
            },
          }}
          sx={{ width: words ? 236 : 118, flex: 'none' }}
        />
        {suffix && (
          <Typography component="span" sx={{ width: 8, ml: -0.75, fontWeight: 620 }}>
            {suffix}
          </Typography>
        )}
      </Box>
      <Said>{field.deviceTrouble}</Said>
      <Said id={`${id}-wrong`}>{wrong}</Said>
      {refused?.edit && <Fixes edit={refused.edit} />}
      {refused && <AfterEveryEdit edits={edits} act={field.tryAgain} />}
    </Box>
  );
}

const Said = ({ id, children }: { id?: string; children: string | undefined }) =>
  children ? (
    <Typography id={id} role="alert" variant="body2" sx={{ color: 'error.main', pb: 0.5 }}>
      {children}
    </Typography>
  ) : null;

/** What stands in a field, what is refused of it, and what its keys do. */
function useField(
  { shown, device, onRefused = () => undefined, take }: FieldProps,
  row: React.RefObject<HTMLDivElement | null>,
) {
  const [text, setText] = useState(shown);
  const [refused, setRefused] = useState<Refused>();
  const [from, setFrom] = useState(shown);
  const input = useRef<HTMLInputElement>(null);
  const [focused, setFocused] = useState(false);
  const off = useTake(focused, device?.unit, device?.aim ?? 0, ({ value, unit }) =>
    setText(unit === 'mm' ? `${value} mm` : String(value)),
  );
  // Another source changed the value (undo, a drag, the other units): what is shown follows.
  if (from !== shown) {
    setFrom(shown);
    setText(shown);
    setRefused(undefined);
  }
  const heard = useEffectEvent(onRefused);
  useEffect(() => {
    heard(refused?.text);
    return () => heard(undefined);
  }, [refused?.text]);

  const commit = () => {
    if (text === shown && !refused) return;
    const problem = take(text);
    setRefused(problem && { text, message: problem.message, edit: problem.edit });
    if (problem) requestAnimationFrame(() => row.current?.scrollIntoView({ block: 'nearest' }));
    if (problem?.at !== undefined)
      input.current?.setSelectionRange(problem.at, problem.at + Math.max(1, problem.length ?? 1));
  };
  /** Only as it was refused: what is being typed anew is not finished. */
  const tryAgain = () => {
    if (!refused || text !== refused.text) return;
    const problem = take(text);
    if (problem?.message !== refused.message)
      setRefused(problem && { text, message: problem.message, edit: problem.edit });
  };
  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.key === 'Enter') commit();
    if (event.key === TAKE_KEY && device && off.meter) {
      event.preventDefault();
      off.take();
    }
    if (event.key === 'Escape') {
      setText(shown);
      setRefused(undefined);
    }
  };
  return {
    refused,
    tryAgain,
    deviceTrouble: off.trouble,
    bound: {
      inputRef: input,
      value: text,
      onChange: (event: React.ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) =>
        setText(event.target.value),
      onFocus: () => setFocused(true),
      onBlur: () => {
        setFocused(false);
        commit();
      },
      onKeyDown,
    },
  };
}

/** Acts after each edit. It is drawn only where a number is refused, so that no other field follows the edits. */
function AfterEveryEdit({ edits, act }: { edits: number | undefined; act: () => void }) {
  const ofJob = useApp(({ job }) => job?.version);
  const count = edits ?? ofJob;
  const seen = useRef(count);
  const acted = useEffectEvent(act);
  useEffect(() => {
    if (seen.current === count) return;
    seen.current = count;
    acted();
  }, [count]);
  return null;
}

/** The same of an edit of one number: what else could be done about it is looked for. */
function refusedEdit(
  name: string,
  path: Change['path'],
  before: unknown,
  after: unknown,
  issues: readonly Issue[],
): Problem | undefined {
  return issues[0] && { message: issues[0].message, edit: { name, changes: [{ path, before, after }] } };
}

/** The sentence for a field, of the issues an edit came back with. */
export function firstSentence(issues: readonly Issue[]): { message: string } | undefined {
  return issues[0] && { message: issues[0].message };
}

interface BoundProps {
  readonly label: string;
  readonly path: Change['path'];
  /** How the edit is named in the log and on undo. */
  readonly name: string;
}

/**
 * A card may have a hundred fields, of which an edit changes one: what stands as it stood is not drawn again. Values that
 * an edit leaves alone are the same objects, and a path is the same by its steps.
 */
function alike<Props extends BoundProps>(before: Props, now: Props): boolean {
  const keys = Object.keys(now) as (keyof Props)[];
  return (
    Object.keys(before).length === keys.length &&
    keys.every((key) =>
      key === 'path' ? before.path.join('/') === now.path.join('/') : Object.is(before[key], now[key]),
    )
  );
}

export const LengthField = memo(LengthBound, alike);
export const OptionalLengthField = memo(OptionalLengthBound, alike);
export const NumberField = memo(NumberBound, alike);
export const TextField = memo(TextBound, alike);

function LengthBound({
  label,
  path,
  name,
  value,
  units,
  size,
  corner,
}: BoundProps & {
  value: Length;
  units: Units;
  /** The space's own size: its walls go along. */
  size?: 'width' | 'depth' | 'height';
  /** A corner of the outline: the space's box goes along. */
  corner?: number;
}) {
  const dispatch = useAppDispatch();
  const take = (text: string) => {
    const read = parseLength(text, units.system);
    if (!read.ok) return read;
    const length = { mm: read.mm, typed: text.trim(), unit: units.system };
    if (size) return firstSentence(dispatch(setSpaceSize(name, size, length)));
    if (corner !== undefined)
      return firstSentence(dispatch(setCorner(name, corner, path[path.length - 1] as 'x', length)));
    return refusedEdit(name, path, value, length, dispatch(setValue(name, path, length)));
  };
  return (
    <Field
      label={label}
      shown={lengthText(value, units)}
      device={{ unit: 'mm', aim: value.mm }}
      take={take}
    />
  );
}

/** A length that need not be there: emptied, it is none. */
function OptionalLengthBound({
  label,
  path,
  name,
  value,
  none,
  units,
}: BoundProps & {
  value: Length | null | undefined;
  /** What stands in the plan where there is none. */
  none?: null;
  units: Units;
}) {
  const dispatch = useAppDispatch();
  const take = (text: string) => {
    if (text.trim() === '') return firstSentence(dispatch(setValue(name, path, none)));
    const read = parseLength(text, units.system);
    if (!read.ok) return read;
    const length = { mm: read.mm, typed: text.trim(), unit: units.system };
    return firstSentence(dispatch(setValue(name, path, length)));
  };
  return (
    <Field
      label={label}
      shown={value ? lengthText(value, units) : ''}
      device={{ unit: 'mm', aim: value?.mm ?? 0 }}
      take={take}
    />
  );
}

/** A plain number with its own sign after it, such as degrees. */
function NumberBound({ label, path, name, value, suffix }: BoundProps & { value: number; suffix: string }) {
  const dispatch = useAppDispatch();
  const take = (text: string) => {
    const read = parseNumber(text.replace(/°/g, ''));
    if (!read.ok) return read;
    return refusedEdit(name, path, value, read.value, dispatch(setValue(name, path, read.value)));
  };
  return (
    <Field
      label={label}
      shown={String(value)}
      suffix={suffix}
      {...(suffix === '°' && { device: { unit: 'deg' as const, aim: value } })}
      take={take}
    />
  );
}

function TextBound({ label, path, name, value }: BoundProps & { value: string }) {
  const dispatch = useAppDispatch();
  return (
    <Field
      label={label}
      shown={value}
      words
      take={(text) => firstSentence(dispatch(setValue(name, path, text)))}
    />
  );
}
