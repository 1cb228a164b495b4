import Box from '@mui/material/Box';
import NativeSelect from '@mui/material/NativeSelect';
import Typography from '@mui/material/Typography';
import type { Change, Issue } from '@tarnpass/core';
import { memo, useCallback, useId, useLayoutEffect, useRef, useState } from 'react';
import { setValue } from '../../state/job/edits';
import { useAppDispatch } from '../../state/slices/app';
import { colour } from '../theme/palette';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly options: readonly string[];
  readonly name: string;
  readonly path: Change['path'];
  /** What a word sets the place to. */
  meaning(word: string): unknown;
  /** Where more than the one place is set: does it, and comes back with what is wrong. */
  choose?(word: string): readonly Issue[];
}

/** One of a few words, where a number would not do. */
export function Choice({ label, value, options, name, path, meaning, choose: own }: Props) {
  const dispatch = useAppDispatch();
  const [wrong, setWrong] = useState<string>();
  const choose = (next: string) => {
    const issues = own ? own(next) : dispatch(setValue(name, path, meaning(next)));
    setWrong(issues[0]?.message);
  };
  // What a choice means hangs on the whole item, how it is drawn on its own words alone: those are drawn again only
  // where they changed, and always ask the newest meaning.
  const newest = useRef(choose);
  useLayoutEffect(() => {
    newest.current = choose;
  });
  const onChoose = useCallback((next: string) => newest.current(next), []);
  return <Line label={label} value={value} options={options} wrong={wrong} onChoose={onChoose} />;
}

interface LineProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly string[];
  readonly wrong: string | undefined;
  onChoose(word: string): void;
}

const sameLine = (a: LineProps, b: LineProps) =>
  a.label === b.label &&
  a.value === b.value &&
  a.wrong === b.wrong &&
  a.options.length === b.options.length &&
  a.options.every((word, i) => word === b.options[i]);

const Line = memo(function Line({ label, value, options, wrong, onChoose }: LineProps) {
  const id = useId();
  return (
    <Box sx={{ borderBottom: `1px solid ${colour('line')}`, py: 0.5 }}>
      <Box
        sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between', gap: 1, minHeight: 36 }}
      >
        <Typography component="label" htmlFor={id}>
          {label}
        </Typography>
        <NativeSelect
          inputProps={{ id }}
          value={value}
          onChange={(event) => onChoose(event.target.value)}
          disableUnderline
          sx={{
            width: 160,
            '& select': { textAlignLast: 'right', py: '1px', borderBottom: `1.2px solid ${colour('ink')}` },
          }}
        >
          {options.map((option) => (
            <option key={option} value={option}>
              {option}
            </option>
          ))}
        </NativeSelect>
      </Box>
      {wrong && (
        <Typography role="alert" variant="body2" sx={{ color: 'error.main', pb: 0.5 }}>
          {wrong}
        </Typography>
      )}
    </Box>
  );
}, sameLine);
