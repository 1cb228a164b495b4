import Box from '@mui/material/Box';
import NativeSelect from '@mui/material/NativeSelect';
import Typography from '@mui/material/Typography';
import type { Change, Issue } from '@tarnpass/core';
import { useId, useState } from 'react';
import { setValue } from '../job/edits';
import { useAppDispatch } from '../store';
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
  const id = useId();
  const dispatch = useAppDispatch();
  const [wrong, setWrong] = useState<string>();
  const choose = (next: string) => {
    const issues = own ? own(next) : dispatch(setValue(name, path, meaning(next)));
    setWrong(issues[0]?.message);
  };
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
          onChange={(event) => choose(event.target.value)}
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
}
